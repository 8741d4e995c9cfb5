import { sameJob, type Swap } from '@drimbo/core/choosing/swaps';
import { stopSigns } from '@drimbo/core/formats/sheet';
import type { FloorStep } from '@drimbo/core/log/floor';
import { becoming } from '@drimbo/core/session/starting';
import { limitIds, type LimitId } from '@drimbo/core/session/client';
import { useMemo, useState, type ReactNode } from 'react';
import { Dialog } from '../../parts/dialog';
import { Select } from '../../parts/select';
import type { Floor } from '../../state/use-floor';
import { Plain, Words } from './look';

type SetStep = Extract<FloorStep, { is: 'set' }>;

/** Other movements for the same job, to be taken from here on. */
function Swaps({
  floor,
  step,
  swaps,
  why,
  done,
}: {
  floor: Floor;
  step: SetStep;
  swaps: readonly Swap[];
  why: string;
  done: () => void;
}): ReactNode {
  const take = ({ entry }: Swap): void => {
    floor.swap(
      { do: 'line', line: step.line.id, patch: becoming(entry) },
      { line: step.line.id, from: step.line.name.slice(0, 80), to: entry.name.slice(0, 80), why },
    );
    done();
  };
  return (
    <ul style={{ display: 'grid', gap: 8, marginTop: 10 }}>
      {swaps.map((s) => (
        <li key={`${s.entry.id} ${JSON.stringify(s.entry.rig)}`}>
          <Plain onPress={() => take(s)}>{s.entry.name}</Plain>
        </li>
      ))}
      {swaps.length === 0 && <li>Nothing here does the same job. Leave it out and tell your coach.</li>}
    </ul>
  );
}

/** The station is taken: the same job at another one. */
export function Taken({ floor, step, close }: { floor: Floor; step: SetStep; close: () => void }): ReactNode {
  const swaps = useMemo(
    () =>
      sameJob(step.line, floor.context, { other: null, kindTo: null }, 12)
        .filter((s) => s.entry.movement.station !== step.line.movement.station)
        .slice(0, 4),
    [step.line, floor.context],
  );
  return (
    <Dialog title="Station taken" isOpen onClose={close}>
      {() => (
        <Words>
          <p>The same job somewhere else, the most alike first:</p>
          <Swaps floor={floor} step={step} swaps={swaps} why="station taken" done={close} />
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
};

/** It hurts: when to stop comes first; then what is kinder to the place that complains. */
export function Hurts({ floor, step, close }: { floor: Floor; step: SetStep; close: () => void }): ReactNode {
  const [isMild, setMild] = useState(false);
  const [limit, setLimit] = useState<LimitId>('shoulder front');
  const swaps = useMemo(
    () => (isMild ? sameJob(step.line, floor.context, { other: null, kindTo: limit }, 4) : []),
    [isMild, limit, step.line, floor.context],
  );
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
              <Plain kind="quiet" onPress={close}>
                I stop here
              </Plain>
            </div>
          ) : (
            <div style={{ marginTop: 14 }}>
              <Select
                label="Where"
                value={limit}
                options={limitIds.flatMap((id) => (joints[id] ? [[id, joints[id]] as const] : []))}
                onChange={(to) => to && setLimit(to)}
              />
              <p style={{ marginTop: 10 }}>
                The same job, kinder to it. If that hurts too, leave it out; tell your coach either way.
              </p>
              <Swaps
                floor={floor}
                step={step}
                swaps={swaps}
                why={`${joints[limit]} complained`}
                done={close}
              />
            </div>
          )}
        </Words>
      )}
    </Dialog>
  );
}
