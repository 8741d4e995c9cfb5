import { line, novice, of, straight, with_ } from './making';
import type { RulePage } from './model';

const six = [
  'dumbbell-bench-press',
  'incline-dumbbell-press',
  'cable-fly-shoulder-height',
  'cable-lateral-raise',
  'incline-rear-raise',
  'pushdown',
];

export const numbers: Record<string, RulePage> = {
  'dumbbells-low-reps': {
    checks: 'A dumbbell press for fewer than four.',
    forWhom: 'Everybody.',
    fires: of('threes', [line('dumbbell-bench-press', straight(4, 3))]),
    quiet: of('sixes', [line('dumbbell-bench-press', straight(4, 6))]),
  },
  'reps-outside-growth': {
    checks:
      'Sets of under five or over fifty repetitions, on any implement; heavy compounds are exempt where strength is the aim or the school’s way.',
    forWhom: 'Training for size, endurance, or a slow phase.',
    source: 'Schoenfeld et al. 2021, from memory.',
    fires: of('sets of sixty', [line('cable-lateral-raise', straight(2, 60))]),
    quiet: of('sets of thirty', [line('cable-lateral-raise', straight(2, 30))]),
  },
  'beyond-reach': {
    checks: 'Repetitions with the bodyweight that no set on record comes near to.',
    forWhom: 'Dips and push-ups.',
    fires: of('fifty dips, four times', [line('chest-dip', straight(4, 50))]),
    quiet: of('eight dips', [line('chest-dip', straight(3, 8))]),
  },
  'too-many-movements': {
    checks:
      'More working movements than the training age asks for; in the first year also more than four sets of one.',
    forWhom: 'Everybody; five in the first year, six in foundations.',
    fires: of(
      'six in the first year',
      six.map((id) => line(id)),
      {},
      novice,
    ),
    quiet: of(
      'four in the first year',
      six.slice(0, 4).map((id) => line(id)),
      {},
      novice,
    ),
  },
  'reps-off-home': {
    checks: 'More than fifteen on a heavy free-weight compound, fewer than eight on a raise or fly.',
    forWhom: 'Everybody.',
    fires: of('fives of lateral raises', [line('dumbbell-lateral-raise', straight(3, 5))]),
    quiet: of('twelves', [line('dumbbell-lateral-raise', straight(3, 12))]),
  },
  'short-of-range': {
    checks:
      'A set is expected to end before the lowest of its range, from the max, the load and the fatigue so far.',
    forWhom: 'Clients with a known max.',
    fires: of('100 kg for eights', [line('barbell-bench-press', { ...straight(3, 8), loadKg: 100 })]),
    quiet: of('the computed load', [line('barbell-bench-press', straight(3, 8))]),
  },
  'uncounted-sets': {
    checks: 'Sets that are expected to leave more than a hard set does, with the load that would count.',
    forWhom: 'Clients with a known max.',
    fires: of('bells of 16 kg', [line('dumbbell-bench-press', { loadKg: 16 })]),
    quiet: of('the computed load', [line('dumbbell-bench-press')]),
  },
  'aim-homes': {
    checks: 'Repetitions that fit neither what the client trains for, nor the school, nor the movement.',
    forWhom: 'Clients by their aim.',
    fires: of(
      'a first lift for fifteens in a strength phase',
      [line('barbell-bench-press', straight(3, 15))],
      { school: 'strength' },
      with_.client({ aim: 'strength' }),
    ),
    quiet: of(
      'fives',
      [line('barbell-bench-press', straight(3, 5))],
      { school: 'strength' },
      with_.client({ aim: 'strength' }),
    ),
  },
};
