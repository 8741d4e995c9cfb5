import fc from 'fast-check';
import quadprog from 'quadprog';
import { choiceKnobs, entries, findEntry, numericKnobs, type Rig } from '../movements';
import { people } from '../testing/truths/people';
import { evenly } from '../units';
import { activityIn, armsIn, splitTask } from './activity';
import { posturesOf, type Posture } from './postures';
import { splitWork, type SplitTask } from './split';

/** What is left of each torque, as shares of the whole task. */
function missed({ columns, torques, forces }: SplitTask, activity: Float64Array): number[] {
  const met = [0, 0, 0, 0];
  for (let i = 0; i < forces.length; i++)
    for (let k = 0; k < 4; k++) met[k]! += columns[4 * i + k]! * forces[i]! * activity[i]!;
  const size = Math.hypot(...torques) || 1e-9;
  return met.map((v, k) => Math.abs(v - torques[k]!) / size);
}

const missedIn = (p: Posture): number[] => {
  const task = splitTask(p, armsIn(p));
  return missed(task, splitWork(task));
};

/** A rig with every knob drawn anew. */
function anyRig(entry: (typeof entries)[number], next: () => number): Rig {
  const rig: Record<string, unknown> = { ...entry.rig };
  for (const knob of numericKnobs) {
    const spec = entry.movement.knobs[knob];
    if (spec) rig[knob] = spec.min + next() * (spec.max - spec.min);
  }
  for (const knob of choiceKnobs) {
    const spec = entry.movement.knobs[knob];
    if (spec) rig[knob] = spec.options[Math.floor(next() * spec.options.length)];
  }
  return rig as Rig;
}

/** What the split may leave across the load, as a share of it; more where the arm hangs nearly in line with it. */
const leaves = (movementId: string): number =>
  ({ 'wide-upright-row': 0.08, 'dumbbell-lateral-raise': 0.061 })[movementId] ?? 0.05;

/** A hundred bodies, every name of the catalogue, each at a rig of its own; a fixed seed. */
test('swing and elbow torques are met, and hardly anything is left across the load', () => {
  const next = evenly(11);
  const everybody = people(100);
  entries.forEach((entry, i) => {
    for (let n = 0; n < 4; n++) {
      const { body, barKg, bellKg } = everybody[(4 * i + n) % everybody.length]!;
      const load = entry.movement.load;
      const kg = load.kind !== 'external' ? 0 : load.perHand ? bellKg : barKg;
      for (const p of posturesOf(entry.movement, anyRig(entry, next), body, kg, 6)) {
        const [swing, across, , elbow] = missedIn(p);
        expect(Math.hypot(swing!, elbow!)).toBeLessThan(0.005);
        expect(across).toBeLessThan(leaves(entry.movement.id));
      }
    }
  });
});

test('a split asks nothing of muscles that pull the other way, and twice for twice the torque', () => {
  const { movement, rig } = findEntry('barbell-bench-press')!;
  for (const p of posturesOf(movement, rig, { statureM: 1.75, massKg: 80 }, 80, 6)) {
    const task = splitTask(p, armsIn(p));
    const once = activityIn(p, armsIn(p));
    const twice = splitWork({
      ...task,
      torques: task.torques.map((t) => 2 * t) as unknown as SplitTask['torques'],
    });
    once.forEach((a, i) => {
      expect(a).toBeGreaterThanOrEqual(0);
      expect(twice[i]).toBeCloseTo(2 * a, 5);
    });
  }
});

/**
 * The same programme in its first form, minimise ½ Σ F·price·a² + ½ Σ r²/ε with Σ F·a·c + r = t and a ≥ 0,
 * solved by an independent library (Goldfarb & Idnani's method, package quadprog).
 */
test('an independent solver finds the same activities', () => {
  const compliance = [6e-5, 0.06, 0.12, 6e-5];
  const next = evenly(5);
  fc.assert(
    fc.property(fc.constantFrom(...entries), (entry) => {
      const found = posturesOf(entry.movement, anyRig(entry, next), { statureM: 1.7, massKg: 75 }, 30, 3);
      for (const p of found) {
        const { columns, torques, forces, prices } = splitTask(p, armsIn(p));
        const size = Math.hypot(...torques);
        if (size < 1e-6) continue;
        const n = forces.length;
        // 1-based, as the library wants it; the four misses come after the activities.
        const whole = n + 4;
        const square = Array.from({ length: whole + 1 }, () => new Array<number>(whole + 1).fill(0));
        const cost = new Array<number>(whole + 1).fill(0);
        const rules = Array.from({ length: whole + 1 }, () => new Array<number>(4 + n + 1).fill(0));
        const least = new Array<number>(4 + n + 1).fill(0);
        for (let i = 1; i <= n; i++) {
          square[i]![i] = forces[i - 1]! * prices[i - 1]!;
          for (let k = 1; k <= 4; k++) rules[i]![k] = forces[i - 1]! * columns[4 * (i - 1) + k - 1]!;
          rules[i]![4 + i] = 1;
        }
        for (let k = 1; k <= 4; k++) {
          square[n + k]![n + k] = 1 / compliance[k - 1]!;
          rules[n + k]![k] = 1;
          least[k] = torques[k - 1]! / size;
        }
        const { solution, message } = quadprog.solveQP(square, cost, rules, least, 4);
        expect(message).toBe('');
        const mine = splitWork({ columns, torques, forces, prices });
        mine.forEach((a, i) => expect(Math.abs(a / size - Math.max(0, solution[i + 1]!))).toBeLessThan(1e-5));
      }
    }),
    { numRuns: 60 },
  );
});
