import { minutesTrained } from '@drimbo/core/log';
import { useState, type ReactNode } from 'react';
import { RadioGroup } from '../../parts/radio-group';
import { Stepper } from '../../parts/stepper';
import { TextField } from '../../parts/text-field';
import type { Floor } from '../../state/use-floor';
import { Big, Plain } from './look';

const counted = (n: number): string => `${n} ${n === 1 ? 'set' : 'sets'}`;

/** What is told at the end: what became of the rest, minutes, how ready one was, and whatever else. */
export function Finish({
  floor,
  onDone,
  back,
}: {
  floor: Floor;
  onDone: () => void;
  /** Back to what is still to do; null where nothing is. */
  back: (() => void) | null;
}): ReactNode {
  const [minutes, setMinutes] = useState<number | null>(() => {
    const took = minutesTrained(floor.where.times, floor.steps[0]?.workS ?? 0);
    return took >= 1 ? Math.max(1, Math.min(400, Math.round(took))) : null;
  });
  const [ready, setReady] = useState('');
  const [rest, setRest] = useState<'out' | 'later' | null>(null);
  const [why, setWhy] = useState('');
  const [note, setNote] = useState('');
  const [wrong, setWrong] = useState('');
  const { open } = floor;
  const finish = async (): Promise<void> => {
    for (const line of floor.openLines) await floor.leaveOut(line, null, why.trim() || 'ended early');
    await floor.finish({ minutes, readiness: ready === '' ? null : Number(ready), note });
  };
  return (
    <>
      <h2>Finish</h2>
      <p>
        {counted(floor.done)} logged{floor.leftOut > 0 && `, ${floor.leftOut} left out`}
        {open > 0 && `, ${open} not done`}.
      </p>
      {open > 0 && (
        <RadioGroup
          label={`What about the other ${open}?`}
          value={rest}
          options={[
            { value: 'out', words: 'They are left out' },
            { value: 'later', words: 'They come later: the session stays open' },
          ]}
          onChange={setRest}
        />
      )}
      {open > 0 && rest === 'out' && (
        <TextField label="Why, if you like" value={why} maxLength={120} onChange={setWhy} />
      )}
      {!(open > 0 && rest === 'later') && (
        <>
          <Stepper label="Minutes you trained" value={minutes} lo={1} hi={400} onChange={setMinutes} />
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
        </>
      )}
      {wrong && <p role="alert">This phone could not keep it: {wrong}. Press again.</p>}
      <div className="foot">
        {open > 0 && rest === 'later' ? (
          back && (
            <Big kind="strong" onPress={back}>
              Back to the session
            </Big>
          )
        ) : (
          <Big
            kind="strong"
            isDisabled={open > 0 && rest === null}
            onPress={() => {
              finish().then(onDone, (error: Error) => setWrong(error.message));
            }}
          >
            Finish the session
          </Big>
        )}
        {back && rest !== 'later' && (
          <Plain kind="quiet" onPress={back}>
            Go on with it
          </Plain>
        )}
      </div>
    </>
  );
}
