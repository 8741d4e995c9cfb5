import type { Line } from '../../session';
import { inTurn, leaving, line, of, straight, with_ } from './making';
import type { RulePage } from './model';

const drop = (sets = 2): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'drop', sets, reps: { lo: 10, hi: 12 }, drops: 1, lighter: 25, on: 'last set' },
});

export const effort: Record<string, RulePage> = {
  'failure-first-compound': {
    checks: 'The first heavy press goes to failure, on any of its sets.',
    forWhom: 'Everybody; a note in the pump school, a stop in foundations.',
    source: 'Refalo et al. 2024, from memory.',
    fires: of('nothing left on the last set', [
      line('dumbbell-bench-press', leaving(2, 0)),
      line('cable-lateral-raise'),
    ]),
    quiet: of('one left', [line('dumbbell-bench-press', leaving(3, 1)), line('cable-lateral-raise')]),
  },
  'failure-before-heavy': {
    checks:
      'A later movement goes to failure while a heavy free-weight press for the same muscle is still to come.',
    forWhom: 'Everybody; a note in the pump school.',
    source: 'Refalo et al. 2024, from memory.',
    fires: of('fly to failure before the incline press', [
      line('barbell-bench-press'),
      line('cable-fly-shoulder-height', leaving(1, 0)),
      line('incline-dumbbell-press'),
    ]),
    quiet: of('fly to failure at the end', [
      line('barbell-bench-press'),
      line('incline-dumbbell-press'),
      line('cable-fly-shoulder-height', leaving(1, 0)),
    ]),
  },
  'failure-not-last': {
    checks: 'A set before the last leaves nothing.',
    forWhom: 'Every school but the pump.',
    fires: of('every set to failure', [line('cable-lateral-raise', leaving(0))]),
    quiet: of('only the last', [line('cable-lateral-raise', leaving(2, 0))]),
  },
  'muscle-failure': {
    checks:
      'A free weight over several joints is meant to go on until nothing moves, not until the form goes.',
    forWhom: 'Everybody.',
    fires: of('dumbbells until nothing moves', [
      line('dumbbell-bench-press', { scheme: { kind: 'to failure', sets: 1, about: 10, until: 'muscle' } }),
    ]),
    quiet: of('until the form goes', [
      line('dumbbell-bench-press', { scheme: { kind: 'to failure', sets: 1, about: 10, until: 'form' } }),
    ]),
  },
  'techniques-everywhere': {
    checks: 'More than two movements, and more than half of them, are drops, rest–pauses or burn-outs.',
    forWhom: 'Everybody; a note in the pump school.',
    fires: of('three drops of four', [
      line('incline-dumbbell-press', drop()),
      line('cable-fly-shoulder-height', drop()),
      line('cable-lateral-raise', drop()),
      line('pushdown'),
    ]),
    quiet: of('one drop at the end', [
      line('incline-dumbbell-press'),
      line('cable-fly-shoulder-height'),
      line('cable-lateral-raise', drop()),
    ]),
  },
  'short-rests': {
    checks:
      'A rest under the floor of the school; far under it, or next to none between heavy sets, is a watch.',
    forWhom: 'Every session; the school gives the floor.',
    fires: of('no rest between fives', [line('barbell-bench-press', { ...straight(4, 5), restS: 0 })]),
    quiet: of('two minutes', [line('barbell-bench-press', { ...straight(4, 5), restS: 120 })]),
  },
  'long-rests': {
    checks: 'Three minutes and more between sets of a movement of one joint, outside of rounds.',
    forWhom: 'Every session.',
    fires: of('four minutes between raises', [
      line('cable-lateral-raise', { ...straight(3, 12), restS: 240 }),
    ]),
    quiet: of('four minutes between heavy fives', [
      line('barbell-bench-press', { ...straight(4, 5), restS: 240 }),
    ]),
  },
  'helper-failure-in-pair': {
    checks:
      'In a round with a press, a movement of one joint for its triceps or front delts goes to failure.',
    forWhom: 'Every session with rounds.',
    fires: inTurn('bench press and pushdowns to failure', [
      line('barbell-bench-press'),
      line('pushdown', leaving(1, 0)),
    ]),
    quiet: inTurn('bench press and rear raises to failure', [
      line('barbell-bench-press'),
      line('incline-rear-raise', leaving(1, 0)),
    ]),
  },
  'cold-first-lift': {
    checks: 'A first heavy press for six or fewer with neither a warm-up nor a set that leads up to it.',
    forWhom: 'Every session that begins with a bar, bells or a machine.',
    fires: of(
      'fives with a load to be found',
      [line('barbell-bench-press', straight(4, 5))],
      {},
      with_.client({ tests: [] }),
    ),
    quiet: of('fives with a load that is known, and its ramp', [line('barbell-bench-press', straight(4, 5))]),
  },
};
