import type { MeasuredLine } from '@drimbo/core/measure/measure';
import { faults } from '@drimbo/core/movements/faults';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../designer/use-designer';
import { Act, Area, Field, Label } from '../../look/parts';
import { ink, size } from '../../look/theme';

const Body = styled.div`
  padding: 8px 12px 12px;
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    margin-bottom: 2px;
  }
  li label {
    display: flex;
    gap: 7px;
    align-items: baseline;
    padding: 2px 0;
  }
  input[type='checkbox'] {
    accent-color: ${ink.ink};
    transform: translateY(1px);
  }
  .fault b {
    font-weight: 620;
  }
  .fault {
    color: ${ink.soft};
    padding: 3px 0;
    border-top: 1px solid ${ink.hush};
  }
`;

/** At most three cues for the sheet, the coach's reason, and what to look for. */
export function CuesTab({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const [own, setOwn] = useState('');
  const picked = m.line.cues ?? m.movement.cues.slice(0, 3);
  const offered = [...m.movement.cues, ...picked.filter((c) => !m.movement.cues.includes(c))];
  const pick = (cues: string[]): void =>
    designer.edit({ do: 'line', line: m.id, patch: { cues } }, `cues of ${m.name.toLowerCase()}`);
  const full = picked.length >= 3;
  return (
    <Body>
      <Label>
        Why this movement
        <Area
          rows={2}
          maxLength={400}
          value={m.line.note}
          placeholder={m.movement.chooseWhen}
          onChange={(e) =>
            designer.edit(
              { do: 'line', line: m.id, patch: { note: e.target.value } },
              `note on ${m.name.toLowerCase()}`,
              `note ${m.id}`,
            )
          }
        />
      </Label>
      <div>
        <h3>Cues for the sheet, at most three</h3>
        <ul>
          {offered.map((cue) => {
            const on = picked.includes(cue);
            return (
              <li key={cue}>
                <label>
                  <input
                    type="checkbox"
                    checked={on}
                    disabled={!on && full}
                    onChange={() => pick(on ? picked.filter((c) => c !== cue) : [...picked, cue])}
                  />
                  <span>{cue}</span>
                </label>
              </li>
            );
          })}
        </ul>
        <form
          style={{ display: 'flex', gap: 4, marginTop: 4 }}
          onSubmit={(e) => {
            e.preventDefault();
            if (own.trim() === '' || full) return;
            pick([...picked, own.trim()]);
            setOwn('');
          }}
        >
          <Field
            aria-label="A cue of your own"
            placeholder={full ? 'Take one out to add your own' : 'A cue of your own'}
            maxLength={160}
            value={own}
            disabled={full}
            onChange={(e) => setOwn(e.target.value)}
          />
          <Act small type="submit" isDisabled={full || own.trim() === ''}>
            Add
          </Act>
        </form>
      </div>
      <div>
        <h3>Look for</h3>
        {m.movement.faultIds.map((id) => (
          <p className="fault" key={id}>
            <b style={{ color: ink.ink }}>{faults[id]!.seen}.</b> {faults[id]!.cost}. {faults[id]!.fix}.
          </p>
        ))}
        {m.movement.cautions.map((c) => (
          <p className="fault" key={c.limit}>
            <b style={{ color: ink.ink }}>Mind the {c.limit}.</b> {c.say}
          </p>
        ))}
      </div>
    </Body>
  );
}
