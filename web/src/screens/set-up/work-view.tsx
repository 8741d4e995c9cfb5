import type { Body, RegionId } from '@drimbo/core/anatomy';
import { effortsOf, type Gear, type Work, workOf } from '@drimbo/core/mechanics';
import { fullRig, type Movement, type Rig } from '@drimbo/core/movements';
import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { EffortBars, untoldReasons } from '../../drawings/effort-bars';
import { useWidth } from '../../drawings/use-width';
import { WorkCurves } from '../../drawings/work-curves';
import { Select } from '../../parts/select';
import { ink, size } from '../../look/theme';
import { NotchChoice } from './notch-choice';

const Frame = styled.div`
  padding: 8px 12px 12px;
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    margin-bottom: 3px;
  }
  p {
    color: ${ink.soft};
    font-size: 12.5px;
  }
  select {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    font-size: ${size.fine};
  }
`;

const hardest = (w: Work): number => {
  const last = w.points.length - 1;
  const ask = (p: Work['points'][number]): number => Math.max(p.shoulderNm, Math.abs(p.elbowNm));
  return w.points.reduce((best, p, i) => (ask(p) > ask(w.points[best]!) ? i : best), 0) / last;
};

interface WorkViewProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  notches: number[];
  loadKg: number;
  /** Chains and bands it would be hung with; common ones when left out. */
  gear?: Gear;
  /** What that load is: "the first set's load". */
  loadIs: string;
  /** Regions that lag. */
  wanted?: readonly RegionId[];
  /** Sets the bench to a notch. */
  onNotch?: (benchDeg: number) => void;
}

/** Movements the nine pressing regions are not what it is about. */
const isNotPressing = (movement: Movement): string | null =>
  movement.pattern === 'rotation'
    ? 'This is rotation: the torque about the upper arm is what counts, and the rotators answer it. The pressing regions only hold the arm.'
    : movement.pattern === 'curl'
      ? 'The elbow flexors do this one; the pressing regions only steady the arm.'
      : movement.load.kind === 'none'
        ? 'Little but the weight of the arm is moved here.'
        : null;

/** Where the movement is hard, by statics; who does the work, by model; and the same at other notches. */
export function WorkView({
  movement,
  rig,
  body,
  notches: all,
  loadKg,
  gear,
  loadIs,
  wanted = [],
  onNotch,
}: WorkViewProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(300);
  const work = useMemo(
    () => workOf(movement, rig, body, loadKg, undefined, gear),
    [movement, rig, body, loadKg, gear],
  );
  const notches = all.filter((n) => n !== rig.benchDeg);
  const [against, setAgainst] = useState<number | null>(null);
  const notch =
    movement.knobs.benchDeg && rig.stance !== 'floor'
      ? against !== null && notches.includes(against)
        ? against
        : (notches.find((n) => n > (rig.benchDeg ?? 0)) ?? notches[notches.length - 1] ?? null)
      : null;
  const turned = notch === null ? null : fullRig(movement, { ...rig, benchDeg: notch });
  const efforts = effortsOf(movement, rig, body, loadKg, gear);
  const others = turned && effortsOf(movement, turned, body, loadKg, gear);
  const inner = Math.max(220, Math.floor(width) - 24);
  if (!work || !efforts)
    return (
      <Frame ref={ref}>
        <p>This one has no arm path to measure.</p>
      </Frame>
    );
  const where = hardest(work);
  const aside = isNotPressing(movement);
  return (
    <Frame ref={ref}>
      <div>
        <h3>Where it is hard</h3>
        <WorkCurves
          work={work}
          rotation={movement.pattern === 'rotation'}
          widthPx={inner}
          ends={['stretched', 'short']}
        />
        <p style={{ marginTop: 4 }}>
          {where < 0.3
            ? 'Hardest in the stretch.'
            : where > 0.7
              ? 'Hardest at the short end.'
              : 'Hardest in the middle.'}{' '}
          Statics, for {loadIs}; no momentum.
        </p>
      </div>
      <div>
        <h3>Who does the work</h3>
        {aside ? (
          <p>{aside}</p>
        ) : (
          <>
            <EffortBars
              label="How hard each region works"
              efforts={efforts}
              others={others}
              longest={work.longest}
            />
            {notch !== null && (
              <Select
                small
                label="The tick is the same press at"
                labelPlace="before"
                value={String(notch)}
                options={notches.map((n) => [String(n), `${n}°`])}
                onChange={(n) => setAgainst(Number(n))}
              />
            )}
            <p style={{ marginTop: 6 }}>
              A model&apos;s estimate of how hard each region works against the hardest-working one; the thin
              line is how sure it is. {untoldReasons(efforts).join(' ')} <i>Long</i>: the muscle is well past
              its resting length somewhere in the range, which counts for growth by itself (Maeo et al. 2023).{' '}
              <Link to="/movements/model">What the model knows and does not</Link>
            </p>
          </>
        )}
      </div>
      {movement.knobs.benchDeg && rig.stance !== 'floor' && !aside && (
        <NotchChoice
          movement={movement}
          rig={rig}
          body={body}
          loadKg={loadKg}
          notches={all}
          wanted={wanted}
          widthPx={inner}
          onNotch={onNotch}
        />
      )}
    </Frame>
  );
}
