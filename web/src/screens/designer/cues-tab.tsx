import { cautionsOf } from '@drimbo/core/choosing';
import type { MeasuredLine } from '@drimbo/core/measure';
import { cuesFor } from '@drimbo/core/formats';
import { faults, setCues } from '@drimbo/core/movements';
import { cueList, teachingOf } from '@drimbo/core/movements/teaching';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { changeNotebook } from '../../state/notebook';
import { saveClientCues } from '../../data/change-client';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { TextField } from '../../parts/text-field';
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
        <Button
          small
          onPress={() =>
            run(
              saveClientCues(designer.session.clientId, m.entryId, cues),
              `Kept for ${client.name.split(' ')[0]}.`,
            )
          }
        >
          Keep for {client.name.split(' ')[0]}
        </Button>
        <Button small onPress={() => run(changeNotebook(setCues(m.entryId, cues)), 'Kept for every client.')}>
          Keep for everyone
        </Button>
        {(forAll || forClient) && (
          <Button
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
          </Button>
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
  const teaching = teachingOf(m.movement, m.rig);
  const taught = [
    ...(context.client.cues?.[m.entryId] ?? []),
    ...(context.notebook?.cues[m.entryId] ?? []),
    ...cueList(teaching.cues),
  ];
  const offered = [...new Set([...taught, ...picked])];
  const pick = (cues: string[]): void =>
    designer.edit({ do: 'line', line: m.id, patch: { cues } }, `cues of ${m.name.toLowerCase()}`);
  const full = picked.length >= 3;
  return (
    <Body>
      <TextField
        label="Why this movement"
        rows={2}
        maxLength={400}
        value={m.line.note}
        placeholder={teaching.chooseWhen}
        onChange={(note) =>
          designer.edit(
            { do: 'line', line: m.id, patch: { note } },
            `note on ${m.name.toLowerCase()}`,
            `note ${m.id}`,
          )
        }
      />
      <div>
        <h3>Cues for the sheet, at most three</h3>
        <ul>
          {offered.map((cue) => {
            const on = picked.includes(cue);
            return (
              <li key={cue}>
                <CheckBox
                  isOn={on}
                  isDisabled={!on && full}
                  onChange={() => pick(on ? picked.filter((c) => c !== cue) : [...picked, cue])}
                >
                  {cue}
                </CheckBox>
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
          <TextField
            label="A cue of your own"
            labelPlace="unseen"
            placeholder={full ? 'Three are picked' : 'A cue of your own'}
            maxLength={160}
            value={own}
            isDisabled={full}
            onChange={setOwn}
          />
          <Button small type="submit" isDisabled={full || own.trim() === ''}>
            Add
          </Button>
        </form>
      </div>
      <KeepCues line={m} designer={designer} cues={picked} />
      <div>
        <h3>Look for</h3>
        {teaching.faultIds.map((id) => (
          <p className="fault" key={id}>
            <b style={{ color: ink.ink }}>{faults[id]!.seen}.</b> {faults[id]!.cost}. {faults[id]!.fix}.
          </p>
        ))}
        {cautionsOf(m.movement, m.rig).map((c) => (
          <p className="fault" key={c.limit}>
            <b style={{ color: ink.ink }}>Caution, {c.limit}.</b> {c.say}
          </p>
        ))}
      </div>
    </Body>
  );
}
