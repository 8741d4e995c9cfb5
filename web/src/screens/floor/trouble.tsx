import { sameJob, type Swap } from '@drimbo/core/choosing';
import { stopSigns } from '@drimbo/core/formats';
import { type KinderOffer, whenItHurts } from '@drimbo/core/review';
import { becoming, type LimitId, limitIds } from '@drimbo/core/session';
import { useMemo, useState, type ReactNode } from 'react';
import { Dialog } from '../../parts/dialog';
import { Select } from '../../parts/select';
import type { Floor, SetStep } from '../../state/use-floor';
import { Plain, Words } from './look';
import { kgOf } from './words';

/** Does something of the floor and closes; what could not be kept is said where it was pressed. */
function useDoing(close: () => void): { does: (work: Promise<void>) => void; wrong: ReactNode } {
  const [wrong, setWrong] = useState('');
  return {
    does: (work) => {
      work.then(close, (error: Error) => setWrong(`This phone could not keep it: ${error.message}`));
    },
    wrong: wrong && <p role="alert">{wrong}</p>,
  };
}

/** The movement is not done: always there, whatever else is offered. */
function LeaveOut({
  floor,
  step,
  why,
  does,
}: {
  floor: Floor;
  step: SetStep;
  why: string;
  does: (work: Promise<void>) => void;
}): ReactNode {
  return (
    <Plain onPress={() => does(floor.leaveOut(step.line.id, null, why))}>
      Leave {step.line.name.toLowerCase()} out today
    </Plain>
  );
}

/** The station is taken: the same job at another one. */
export function Taken({ floor, step, close }: { floor: Floor; step: SetStep; close: () => void }): ReactNode {
  const { does, wrong } = useDoing(close);
  const swaps = useMemo(
    () =>
      sameJob(step.line, floor.context, { other: null, kindTo: null }, 12)
        .filter((s) => s.meets === 0 && s.entry.movement.station !== step.line.movement.station)
        .slice(0, 4),
    [step.line, floor.context],
  );
  const take = ({ entry }: Swap): void =>
    does(
      floor.change({ do: 'line', line: step.line.id, patch: becoming(entry) }, 'station taken', {
        line: step.line.id,
        from: step.line.name.slice(0, 80),
        to: entry.name.slice(0, 80),
      }),
    );
  return (
    <Dialog title="Station taken" isOpen onClose={close}>
      {() => (
        <Words>
          <p>
            {swaps.length > 0
              ? 'The same job somewhere else, the most alike first:'
              : 'Nothing here does the same job.'}
          </p>
          <ul style={{ display: 'grid', gap: 8 }}>
            {swaps.map((s) => (
              <li key={`${s.entry.id} ${JSON.stringify(s.entry.rig)}`}>
                <Plain onPress={() => take(s)}>{s.entry.name}</Plain>
              </li>
            ))}
          </ul>
          <LeaveOut floor={floor} step={step} why="station taken" does={does} />
          <Plain kind="quiet" onPress={close}>
            Back
          </Plain>
          {wrong}
        </Words>
      )}
    </Dialog>
  );
}

const joints: Partial<Record<LimitId, string>> = {
  'shoulder front': 'front of the shoulder',
  elbow: 'elbow',
  wrist: 'wrist',
  'lower back': 'lower back',
  'pec strain': 'chest muscle',
};

/** It hurts: when to stop comes first; then what takes load off the place, the least change first; leaving it out always. */
export function Hurts({ floor, step, close }: { floor: Floor; step: SetStep; close: () => void }): ReactNode {
  const [isMild, setMild] = useState(false);
  const [limit, setLimit] = useState<LimitId>('shoulder front');
  const { does, wrong } = useDoing(close);
  const kg = kgOf(floor, step);
  const offers = useMemo(
    () => (isMild ? whenItHurts(floor.measured, step.line.id, limit, kg) : []),
    [isMild, floor.measured, step.line.id, limit, kg],
  );
  const why = `${joints[limit]} complained`;
  const take = (offer: KinderOffer): Promise<void> =>
    floor.change(offer.edit, why, {
      line: step.line.id,
      from: step.line.name.slice(0, 80),
      to: (offer.is === 'movement' ? offer.name : `${offer.name}, ${offer.says}`).slice(0, 80),
    });
  return (
    <Dialog title="It hurts" isOpen onClose={close} isAlert>
      {() => (
        <Words>
          <p>
            <b>Stop for today</b> when {stopSigns}
          </p>
          {!isMild ? (
            <div style={{ display: 'grid', gap: 8, marginTop: 14 }}>
              <Plain onPress={() => setMild(true)}>None of that: a joint only complains</Plain>
              <LeaveOut floor={floor} step={step} why="it hurt" does={does} />
              <Plain kind="quiet" onPress={close}>
                I stop here
              </Plain>
            </div>
          ) : (
            <div style={{ display: 'grid', gap: 10, marginTop: 14 }}>
              <Select
                label="Where"
                value={limit}
                options={limitIds.flatMap((id) => (joints[id] ? [[id, joints[id]] as const] : []))}
                onChange={(to) => to && setLimit(to)}
              />
              <p>
                {offers.length > 0
                  ? 'Easier on it, the least change first. If it hurts all the same, leave it out; tell your coach either way.'
                  : 'Nothing here is surely easier on it. Leave it out, and tell your coach.'}
              </p>
              <ul aria-label="Easier on it" style={{ display: 'grid', gap: 8 }}>
                {offers.map((o) => (
                  <li key={`${o.name} ${o.says}`}>
                    <Plain onPress={() => does(take(o))} style={{ height: 'auto', whiteSpace: 'normal' }}>
                      {o.name}: {o.says}
                    </Plain>
                  </li>
                ))}
              </ul>
              {offers[0] && <p className="soft">{offers[0].why}</p>}
              <LeaveOut floor={floor} step={step} why={why} does={does} />
              <Plain kind="quiet" onPress={close}>
                Back
              </Plain>
            </div>
          )}
          {wrong}
        </Words>
      )}
    </Dialog>
  );
}
