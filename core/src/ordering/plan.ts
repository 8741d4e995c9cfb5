import { groupCredit, groupIds } from '../anatomy';
import { type ClockState, type Distances, layBlock, type LineClock } from '../clock';
import { effortWorth } from '../dose';
import {
  clocksOf,
  distancesIn,
  type Exertion,
  exertionOf,
  type Measured,
  type MeasuredLine,
  isHeavyCompound,
} from '../measure';
import type { Curve } from '../set-model';
import { orderingRules } from '../review';
import { weightsIn } from '../choosing';
import type { Block } from '../session';

/** A compound moves more muscle with the same share of its max. Own estimate. */
const COMPOUND_WEIGHS = 1.5;
/** What a minute more costs, in the same coin as a tenth of a set's max lost. Own estimate. */
export const MINUTE_COSTS = 0.05;
/** What breaking a rule of order costs by its loudness in the school in force. Own estimate. */
const BROKEN = { stop: 3, watch: 1, note: 0.3 } as const;

/** A bout inside its block. */
export interface Bout extends Exertion {
  startS: number;
  endS: number;
  oneSided: boolean;
  curve: Curve;
  /** What a share of the max lost at its start costs. */
  weight: number;
}

/** Everything an order is weighed by. Loads, ramps and plates are as they stand in the session now. */
export interface OrderPlan {
  blocks: readonly Block[];
  clocks: ReadonlyMap<string, LineClock>;
  distances: Distances;
  byId: ReadonlyMap<string, MeasuredLine>;
  weights: ReadonlyMap<string, readonly number[]>;
  /** `broken[a][b]`: what it costs to have block a anywhere before block b. */
  broken: readonly (readonly number[])[];
  /** Blocks that stay at their place. */
  held: readonly boolean[];
  /** The clock after the warm-up. */
  start: ClockState;
}

function weightsOf(s: Measured, m: MeasuredLine): number[] {
  const weight = weightsIn(s.session);
  const credit = groupIds.reduce((sum, g) => sum + weight(g) * groupCredit(m.credits, g), 0);
  const own = credit * (m.movement.compound ? COMPOUND_WEIGHS : 1);
  return m.sets.map(({ target }) => own * target.counts * effortWorth(target.reserve));
}

/** What it costs to do single joints before a heavy press, whatever they are for. Own estimate. */
const SINGLE_FIRST = 0.25;

const linesOf = (s: Measured, block: Block): MeasuredLine[] =>
  block.lines.map((l) => s.lines.find((m) => m.id === l.id)!);
const isSingle = (m: MeasuredLine): boolean =>
  !m.movement.compound && ['fly', 'raise', 'triceps', 'guest'].includes(m.movement.family);

/** What the rules of order, and compounds first, say to two blocks, one after the other. */
function costOfPair(s: Measured, a: Block, b: Block): number {
  const [before, after] = [linesOf(s, a), linesOf(s, b)];
  const lines = [...before, ...after];
  const single = before.every(isSingle) && after.some(isHeavyCompound) ? SINGLE_FIRST : 0;
  const both: Measured = { ...s, lines, session: { ...s.session, blocks: [a, b] } };
  return orderingRules.reduce((sum, rule) => {
    const voice = s.school.voices[rule.id];
    if (voice === 'off') return sum;
    return rule.look(both).reduce((t, f) => t + BROKEN[voice ?? f.severity ?? rule.severity], sum);
  }, single);
}

export function planFor(s: Measured): OrderPlan {
  const { blocks } = s.session;
  const warm = s.timeline.events.filter((e) => e.kind === 'warm-up');
  return {
    blocks,
    clocks: clocksOf(s.lines),
    distances: distancesIn(s.context),
    byId: new Map(s.lines.map((m) => [m.id, m])),
    weights: new Map(s.lines.map((m) => [m.id, weightsOf(s, m)])),
    broken: blocks.map((a) => blocks.map((b) => (a === b ? 0 : costOfPair(s, a, b)))),
    held: blocks.map((b) => b.held === true),
    start: {
      nowS: warm.length > 0 ? warm[warm.length - 1]!.endS : 0,
      station: null,
      bench: null,
      owedRestS: 0,
    },
  };
}

/** The bouts of a block begun at a state of the clock, which is moved on; times from the start of the session. */
export function boutsOf(plan: OrderPlan, index: number, state: ClockState): Bout[] {
  const bouts: Bout[] = [];
  layBlock(plan.blocks[index]!, plan.clocks, plan.distances, state, (event) => {
    if (event.kind !== 'set') return;
    const m = plan.byId.get(event.of!)!;
    bouts.push({
      startS: event.startS,
      endS: event.endS,
      ...exertionOf(m, event.index),
      oneSided: m.movement.oneSided === true,
      curve: m.lift.belief.curve,
      weight: plan.weights.get(m.id)![event.index]!,
    });
  });
  return bouts;
}
