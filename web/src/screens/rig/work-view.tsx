import { pressingRegions, type PressingRegion, regions } from '@drimbo/core/anatomy/regions';
import type { Body } from '@drimbo/core/anatomy/body';
import type { Movement } from '@drimbo/core/movements/model';
import type { Rig } from '@drimbo/core/movements/rig';
import { workOf, type Work } from '@drimbo/core/mechanics/work';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { WorkCurves } from '../../drawing/work-curves';
import { useWidth } from '../../drawing/use-width';
import { ink, size, voiceInk } from '../../look/theme';

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
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th {
    font-weight: 420;
    text-align: left;
    width: 84px;
    padding: 1px 0;
    white-space: nowrap;
  }
  td:last-child {
    width: 40px;
    text-align: right;
    font-weight: 640;
  }
  select {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    font-size: ${size.fine};
  }
`;

/** A model's estimate is told in steps of five points, no finer. */
const steps = (share: number): number => Math.round(share * 20) * 5;

function ShareRow({
  id,
  share,
  other,
}: {
  id: PressingRegion;
  share: number;
  other: number | null;
}): ReactNode {
  const w = (s: number): number => Math.min(100, (s / 0.5) * 100);
  return (
    <tr>
      <th scope="row">{regions[id].name}</th>
      <td>
        <svg
          width="100%"
          height="12"
          viewBox="0 0 100 12"
          preserveAspectRatio="none"
          aria-hidden
          style={{ display: 'block' }}
        >
          <rect x="0" y="2" width="100" height="8" fill={ink.hush} />
          <rect x="0" y="2" width={w(share)} height="8" fill={voiceInk[regions[id].voice]} />
          {other !== null && <rect x={w(other)} y="0" width="0.9" height="12" fill={ink.ink} />}
        </svg>
      </td>
      <td>{steps(share) === 0 ? '–' : `${steps(share)} %`}</td>
    </tr>
  );
}

const hardest = (w: Work): number => w.points.reduce((a, b) => (b.shoulderNm > a.shoulderNm ? b : a)).at;

interface WorkViewProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  notches: number[];
  loadKg: number;
  /** What that load is: "the first set's load". */
  loadIs: string;
}

/** Where the movement is hard, by statics; who does the work, by model; and the same at another notch. */
export function WorkView({ movement, rig, body, notches: all, loadKg, loadIs }: WorkViewProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(300);
  const work = useMemo(() => workOf(movement, rig, body, loadKg), [movement, rig, body, loadKg]);
  const notches = all.filter((n) => n !== rig.benchDeg);
  const [against, setAgainst] = useState<number | null>(null);
  const notch =
    movement.knobs.benchDeg && rig.stance !== 'floor'
      ? against !== null && notches.includes(against)
        ? against
        : (notches.find((n) => n > (rig.benchDeg ?? 0)) ?? notches[notches.length - 1] ?? null)
      : null;
  const other = notch === null ? null : workOf(movement, { ...rig, benchDeg: notch }, body, loadKg);
  if (!work)
    return (
      <Frame>
        <p>This one has no arm path to measure.</p>
      </Frame>
    );
  const where = hardest(work);
  return (
    <Frame ref={ref}>
      <div>
        <h3>Where it is hard</h3>
        <WorkCurves
          work={work}
          widthPx={Math.max(220, Math.floor(width) - 24)}
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
        <table>
          <tbody>
            {pressingRegions.map((id) => (
              <ShareRow key={id} id={id} share={work.shares[id]} other={other?.shares[id] ?? null} />
            ))}
          </tbody>
        </table>
        {notch !== null && (
          <label style={{ fontSize: size.fine, color: ink.soft }}>
            The tick is the same press at{' '}
            <select value={notch} onChange={(e) => setAgainst(Number(e.target.value))}>
              {notches.map((n) => (
                <option key={n} value={n}>
                  {n}°
                </option>
              ))}
            </select>
          </label>
        )}
        <p style={{ marginTop: 6 }}>
          A model&apos;s estimate, in steps of five points: shares of the nine pressing regions over the
          range. It was fitted to the published bench-angle trend (Rodríguez-Ridao et al. 2020), has no
          momentum, no force–length and no serratus. The dose counts the coach&apos;s credits, not these.
        </p>
      </div>
    </Frame>
  );
}
