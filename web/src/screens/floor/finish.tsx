import { useState, type ReactNode } from 'react';
import { RadioGroup } from '../../parts/radio-group';
import { Stepper } from '../../parts/stepper';
import { TextField } from '../../parts/text-field';
import type { Floor } from '../../state/use-floor';
import { Big } from './look';

/** What is told at the end: minutes, how ready one was, and whatever else. */
export function Finish({ floor, onDone }: { floor: Floor; onDone: () => void }): ReactNode {
  const [minutes, setMinutes] = useState(() => {
    const { startedAt } = floor.where;
    const took = startedAt === null ? floor.session.minutes : (Date.now() - startedAt) / 60_000;
    return Math.max(1, Math.min(400, Math.round(took)));
  });
  const [ready, setReady] = useState('');
  const [note, setNote] = useState('');
  const open =
    floor.steps.filter((s) => s.is === 'set').length -
    new Set(floor.sets.map((s) => `${s.lineId} ${s.setIndex}`)).size;
  return (
    <>
      <h2>Finish</h2>
      <p>
        {floor.sets.length} {floor.sets.length === 1 ? 'set' : 'sets'} logged
        {open > 0 && `, ${open} not done`}.
      </p>
      <Stepper label="Minutes it took" value={minutes} lo={1} hi={400} onChange={setMinutes} />
      <RadioGroup
        label="How ready you were, 1 not to 5 very"
        isRow
        value={ready}
        options={['1', '2', '3', '4', '5'].map((n) => ({
          value: n,
          words: n,
        }))}
        onChange={setReady}
      />
      <TextField label="For your coach" value={note} maxLength={400} onChange={setNote} />
      <div className="foot">
        <Big
          kind="strong"
          onPress={() => {
            void floor.finish({ minutes, readiness: ready === '' ? null : Number(ready), note }).then(onDone);
          }}
        >
          Finish the session
        </Big>
      </div>
    </>
  );
}
