import type { FloorStep } from '@drimbo/core/log';
import { clockText } from '@drimbo/core/units';
import { useEffect, useState, type ReactNode } from 'react';
import { Gear } from './gear';
import { Big } from './look';
import { kgOf, loadOf } from './words';
import type { Floor } from '../../state/use-floor';

/** The rest after a set, and what to get ready for the next. */
export function Rest({
  floor,
  seconds,
  next,
}: {
  floor: Floor;
  seconds: number;
  next: FloorStep | undefined;
}): ReactNode {
  const from = floor.where.restFrom!;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, []);
  const left = Math.ceil(seconds - (now - from) / 1000);
  return (
    <>
      <h2>Rest</h2>
      <p className="load" role="timer" aria-label="Rest left">
        {left >= 0 ? clockText(left) : `+${clockText(-left)}`}
      </p>
      {next && (
        <p>
          Get ready: <b>{next.is === 'warm-up' ? next.name : next.line.name}</b>
          {next.is !== 'warm-up' && `, ${loadOf(floor, next)}`}
        </p>
      )}
      {next && next.is !== 'warm-up' && <Gear floor={floor} step={next} kg={kgOf(floor, next)} />}
      <div className="foot">
        <Big kind="strong" onPress={floor.rested}>
          {left > 0 ? 'Go on now' : 'Next set'}
        </Big>
      </div>
    </>
  );
}
