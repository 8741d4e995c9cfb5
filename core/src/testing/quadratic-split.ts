import { solveQP } from 'quadprog';
import type { Posture } from '../mechanics/work';
import { dot } from '../mechanics/vector';

/** Weight of a muscle in the cost: its largest force, against a common one of 600 N. */
const COMMON_N = 600;
/** How dearly a torque that nobody answers is paid for; rotation is left nearly free, the cuff is not modelled. */
const unanswered = { swing: 1 / 2.4, axial: 1 / 300, elbow: 1 / 2.4 };

/**
 * The cross-check of the pull-fit split: min Σ F·a² subject to the torques about shoulder and elbow
 * being met, a ≥ 0, by an independent solver. Torques that no muscle can answer go to costly
 * reserves, so that every posture has a solution. Returns an activity for each pull.
 */
export function quadraticSplit({ pulls, frame, asked }: Posture): number[] {
  const n = pulls.length;
  const costs = [unanswered.swing, unanswered.swing, unanswered.axial, unanswered.elbow];
  const size = n + costs.length;
  const rows = pulls.map(({ muscle, shoulder, elbow }) => [
    muscle.force * dot(shoulder, frame.x),
    muscle.force * dot(shoulder, frame.z),
    muscle.force * dot(shoulder, frame.y),
    muscle.force * elbow,
  ]);
  const wanted = [
    dot(asked.shoulder, frame.x),
    dot(asked.shoulder, frame.z),
    dot(asked.shoulder, frame.y),
    asked.elbow,
  ];
  const from1 = <T>(list: T[]): (T | undefined)[] => [undefined, ...list];
  const zeros = (m: number): number[] => Array.from({ length: m }, () => 0);
  const cost = (i: number): number => (i < n ? pulls[i]!.muscle.force / COMMON_N : costs[i - n]!);
  const D = Array.from({ length: size }, (_, i) => {
    const row = zeros(size);
    row[i] = cost(i);
    return from1(row) as number[];
  });
  // Columns: four equalities, then a ≥ 0.
  const A = Array.from({ length: size }, (_, i) => {
    const torque = costs.map((_c, k) => (i < n ? rows[i]![k]! : i - n === k ? 1 : 0));
    const bound = zeros(n);
    if (i < n) bound[i] = 1;
    return from1([...torque, ...bound]) as number[];
  });
  const { solution, message } = solveQP(
    from1(D),
    from1(zeros(size)),
    from1(A),
    from1([...wanted, ...zeros(n)]),
    costs.length,
  );
  if (message) throw new Error(message);
  return solution.slice(1, n + 1).map((a) => Math.max(0, a));
}
