import { readFileSync } from 'node:fs';
import { pressingRegions } from '../anatomy';
import { findEntry, type Rig } from '../movements';
import { body } from '../testing/working';
import { activityIn, armsIn, pricesIn, regionActivity } from './activity';
import { muscles } from './muscles/muscles';
import { posturesOf } from './postures';
import { workOf } from './work';

interface ReferencePosture {
  i: number;
  u: number[];
  f: number[];
  hand: number[];
  force: number[];
  torque: number[];
  moments: Record<string, number[]>;
  activity: number[];
}
interface Reference {
  id: string;
  rig: Rig;
  kg: number;
  travel: number;
  shares: Record<string, number>;
  postures: ReferencePosture[];
}

/** Figures of an independent prototype of the same model, to six digits: 1.75 m, 80 kg, 20 postures. */
const references = JSON.parse(
  readFileSync(new URL('../testing/mechanics-reference.json', import.meta.url), 'utf8'),
) as Reference[];

/** Where a name of the catalogue starts from another rig than the reference does. */
const startsFrom: Record<string, Rig> = {
  'dumbbell-bench-press': { tuckDeg: 55 },
  'cable-fly-shoulder-height': {},
};
/** There a stack is what one arm pulls; the coach says it for both. */
const bothHands = new Set(['pushdown']);

/** The prototype knows nothing of what holds the upper arm in elbow work. */
const plain = pricesIn(false);

const close = (got: readonly number[], want: readonly number[]): void =>
  want.forEach((v, k) => expect(Math.abs(got[k]! - v)).toBeLessThan(1e-4));

test.each(references.map((r) => [`${r.id} ${JSON.stringify(r.rig)}`, r] as const))(
  '%s is as the prototype has it',
  (_, { id, rig, kg, travel, shares, postures }) => {
    const { movement, rig: own } = findEntry(id)!;
    const full: Rig = { ...own, ...startsFrom[id], ...rig };
    const load = bothHands.has(id) ? 2 * kg : kg;
    const found = posturesOf(movement, full, body, load, 20);
    for (const want of postures) {
      const p = found[want.i]!;
      const arms = armsIn(p);
      close(p.pose.upper, want.u);
      close(p.pose.fore, want.f);
      close(p.pose.hand, want.hand);
      close(p.force, want.force);
      close([...p.asked.shoulder, p.asked.elbow], want.torque);
      for (const [name, moment] of Object.entries(want.moments)) {
        const k = 3 * muscles.findIndex((m) => m.id === name);
        close([...arms.moment.subarray(k, k + 3)], moment);
      }
      close([...activityIn(p, arms, plain)], want.activity);
    }
    expect(workOf(movement, full, body, load)!.travelM).toBeCloseTo(travel, 4);
    const activity = regionActivity(
      found,
      found.map((p) => activityIn(p, armsIn(p), plain)),
    );
    const sum = activity.reduce((a, b) => a + b, 0);
    pressingRegions.forEach((region, i) =>
      expect(Math.abs(activity[i]! / sum - shares[region]!)).toBeLessThan(1e-4),
    );
  },
);
