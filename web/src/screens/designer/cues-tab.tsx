import type { MeasuredLine } from '@drimbo/core/measure/model';
import { cuesFor } from '@drimbo/core/formats/sheet';
import { faults } from '@drimbo/core/movements/faults';
import { cueList } from '@drimbo/core/movements/notebook';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { changeNotebook, setCues } from '../../state/notebook';
import { saveClientCues } from '../../data/client-cues';
import type { Designer } from '../../state/use-designer';
import { Act } from '../../parts/act';
import { Area, Field, Label } from '../../parts/fields';
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

/** Keeps the cues picked here for the next time: for this client, or whoever does the movement. */
function KeepCues({
  line: m,
  designer,
  cues,
}: {
  line: MeasuredLine;
  designer: Designer;
  cues: string[];
}): ReactNode {
  const [says, setSays] = useState('');
  const { client, notebook } = designer.context;
  const forAll = notebook?.cues[m.entryId] !== undefined;
  const forClient = client.cues?.[m.entryId] !== undefined;
  const run = (work: Promise<void>, done: string): void => {
    work.then(
      () => setSays(done),
      (error: Error) => setSays(`Not kept: ${error.message}`),
    );
  };
  return (
    <div>
      <div style={{ display: 'flex', gap: 4, flexWrap: 'wrap' }}>
        <Act
          small
          onPress={() =>
            run(
              saveClientCues(designer.session.clientId, m.entryId, cues),
              `Kept for ${client.name.split(' ')[0]}.`,
            )
          }
        >
          Keep for {client.name.split(' ')[0]}
        </Act>
        <Act small onPress={() => run(changeNotebook(setCues(m.entryId, cues)), 'Kept for every client.')}>
          Keep for everyone
        </Act>
        {(forAll || forClient) && (
          <Act
            small
            kind="quiet"
            onPress={() =>
              run(
                forClient
                  ? saveClientCues(designer.session.clientId, m.entryId, null)
                  : changeNotebook(setCues(m.entryId, null)),
                'Let go.',
              )
            }
          >
            Let the kept ones go
          </Act>
        )}
      </div>
      <p role="status" style={{ color: ink.soft, fontSize: size.fine, minHeight: 16 }}>
        {says}
      </p>
    </div>
  );
}

/** At most three cues for the sheet, the coach's reason, and what to look for. */
export function CuesTab({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const [own, setOwn] = useState('');
  const { context } = designer;
  const picked = cuesFor(m, context);
  const taught = [
    ...(context.client.cues?.[m.entryId] ?? []),
    ...(context.notebook?.cues[m.entryId] ?? []),
    ...cueList(m.teaching.cues),
  ];
  const offered = [...new Set([...taught, ...picked])];
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
          placeholder={m.teaching.chooseWhen}
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
            pick([...new Set([...picked, own.trim()])]);
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
      <KeepCues line={m} designer={designer} cues={picked} />
      <div>
        <h3>Look for</h3>
        {m.teaching.faultIds.map((id) => (
          <p className="fault" key={id}>
            <b style={{ color: ink.ink }}>{faults[id]!.seen}.</b> {faults[id]!.cost}. {faults[id]!.fix}.
          </p>
        ))}
        {m.teaching.cautions.map((c) => (
          <p className="fault" key={c.limit}>
            <b style={{ color: ink.ink }}>Mind the {c.limit}.</b> {c.say}
          </p>
        ))}
      </div>
    </Body>
  );
}
