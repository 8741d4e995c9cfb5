import { line, of, straight, warm, with_ } from './making';
import type { RulePage } from './model';

const press = line('dumbbell-bench-press', straight(4, 8));

export const coverage: Record<string, RulePage> = {
  'redundant-presses': {
    checks:
      'Movements that load the same fibres at the same angle and are hard at the same place, whatever their reps: pairs and groups, in every family.',
    forWhom: 'Every session.',
    fires: of('flat bar, then flat bells', [line('barbell-bench-press'), line('dumbbell-bench-press')]),
    quiet: of('flat bar, then a cable fly', [line('barbell-bench-press'), line('cable-fly-high-to-low')]),
  },
  'missing-upper-chest': {
    checks:
      'No direct set for the upper chest where the chest is trained; a watch where it lags or the session is for it.',
    forWhom: 'Chest and push days.',
    fires: of(
      'two flat presses',
      [press, line('chest-dip', straight(3, 8))],
      { kind: 'chest' },
      with_.client({ lagging: ['pecUpper'] }),
    ),
    quiet: of('an incline press', [line('incline-dumbbell-press'), press]),
  },
  'fly-at-press-angle': {
    checks:
      'The one fly of a session goes where its presses went already, and another part of the chest has no press. A level fly beside level presses is silent.',
    forWhom: 'Chest and push days; not where that part is the weak point or what the session is for.',
    fires: of('an incline press, then an incline fly', [
      press,
      line('incline-dumbbell-press'),
      line('incline-dumbbell-fly'),
    ]),
    quiet: of('the fly goes down', [press, line('incline-dumbbell-press'), line('cable-fly-high-to-low')]),
  },
  'raise-for-lower-chest': {
    checks:
      'An underhand front raise where the lower chest is the weak point and nothing else trains it directly.',
    forWhom: 'Sessions for the lower chest, and clients it lags in.',
    fires: of(
      'a flat press and the raise',
      [press, line('cable-fly-shoulder-height'), line('underhand-front-raise', straight(2, 12))],
      { kind: 'chest' },
      with_.client({ lagging: ['pecLower'] }),
    ),
    quiet: of(
      'a dip beside it',
      [press, line('underhand-front-raise'), line('chest-dip')],
      { kind: 'chest' },
      with_.client({ lagging: ['pecLower'] }),
    ),
  },
  'missing-long-head': {
    checks:
      'No extension with the arm raised or lying after two presses, and fewer than two and a half counted sets for the long head; on an arm day always.',
    forWhom: 'Push and arm days; a chest or shoulder day owes none, and the first year neither.',
    source: 'Brandão et al. 2020; Maeo et al. 2023.',
    fires: of('presses and a pushdown', [
      press,
      line('seated-dumbbell-press'),
      line('pushdown', straight(3, 12)),
    ]),
    quiet: of(
      'a shoulder day',
      [line('seated-dumbbell-press'), line('standing-dumbbell-press'), line('cable-lateral-raise')],
      { emphasis: 'deltSide', kind: 'shoulders' },
    ),
  },
  'missing-side-delt': {
    checks: 'No direct set for the side delts in three or more movements.',
    forWhom: 'Push and shoulder days; a chest day owes none.',
    fires: of('a push day without a raise', [press, line('dumbbell-fly'), line('pushdown')]),
    quiet: of('a chest day', [press, line('dumbbell-fly'), line('incline-dumbbell-press')], {
      kind: 'chest',
    }),
  },
  'missing-rear-or-rotation': {
    checks: 'Nothing pulls the shoulder back or turns it out, neither in the work nor in the warm-up.',
    forWhom:
      'Shoulder days, and push days of somebody careful of the shoulder; the week holds the balance for everybody.',
    fires: of(
      'all push, the front of the shoulder sore',
      [press, line('pushdown'), line('cable-lateral-raise')],
      {},
      with_.limit('shoulder front'),
    ),
    quiet: of(
      'the same with pull-aparts first',
      [press, line('pushdown'), line('cable-lateral-raise')],
      { warmup: warm('band-pull-apart') },
      with_.limit('shoulder front'),
    ),
  },
  'head-below-floor': {
    checks:
      'A head of the chest or the triceps that gets less than three fifths of its own floor while the group has its sets.',
    forWhom: 'The muscle the session is for, and weak points.',
    fires: of('all chest work low to high', [
      line('cable-fly-low-to-high', straight(6, 12)),
      line('incline-dumbbell-press', straight(6, 8), { benchDeg: 45 }),
      line('pushdown'),
    ]),
    quiet: of('flat and incline', [
      press,
      line('incline-dumbbell-press', straight(4, 10)),
      line('pushdown', straight(2, 12)),
    ]),
  },
  'missing-adduction': {
    checks: 'Two or more chest presses, six sets and more, and no fly.',
    forWhom: 'Chest days for size; not for strength, and not in the first year.',
    fires: of('three presses', [press, line('incline-dumbbell-press'), line('chest-dip')], { kind: 'chest' }),
    quiet: of('presses and a cable fly', [
      press,
      line('incline-dumbbell-press'),
      line('cable-fly-shoulder-height'),
    ]),
  },
  'missing-stretch': {
    checks: 'No press or fly is hard while the chest is long.',
    forWhom: 'Chest and push days; quiet for an unstable shoulder or a chest strain.',
    source: 'Pedrosa et al. 2022; Maeo et al. 2023; from memory.',
    fires: of('floor presses and a cable', [
      line('dumbbell-floor-press', straight(4, 8)),
      line('cable-fly-low-to-high'),
      line('cable-lateral-raise'),
      line('cable-overhead-extension'),
    ]),
    quiet: of('a bench press', [press, line('cable-fly-shoulder-height')]),
  },
  'one-triceps-angle': {
    checks: 'Two or more extensions with the arm held the same way.',
    forWhom: 'Push and arm days.',
    source: 'Maeo et al. 2023.',
    fires: of('pushdown and kickback', [line('pushdown'), line('kickback')], { emphasis: 'triceps' }),
    quiet: of('pushdown and overhead', [line('pushdown'), line('cable-overhead-extension')], {
      emphasis: 'triceps',
    }),
  },
  'one-rep-range': {
    checks:
      'Nine or more sets of what the session is for in three or more movements, all at about the same repetitions.',
    forWhom: 'The muscle the session is for; not the first year.',
    fires: of('eights throughout', [
      press,
      line('incline-dumbbell-press', straight(4, 8)),
      line('cable-fly-shoulder-height', straight(3, 8, 10)),
    ]),
    quiet: of('eights and fourteens', [
      press,
      line('incline-dumbbell-press', straight(4, 8)),
      line('cable-fly-shoulder-height', straight(3, 12, 15)),
    ]),
  },
  'optional-front-delt': {
    checks:
      'A front raise, or an overhead press after a great deal, where pressing already gives the front delts six sets.',
    forWhom: 'Sessions that are not for the front delts.',
    fires: of('a front raise after eight pressing sets', [
      press,
      line('incline-dumbbell-press', straight(4, 8)),
      line('front-raise'),
    ]),
    quiet: of('a lateral raise instead', [
      press,
      line('incline-dumbbell-press', straight(4, 8)),
      line('cable-lateral-raise'),
    ]),
  },
  'weak-point-short': {
    checks:
      'A weak point that the day could train and that has no movement of its own, or under four counted sets.',
    forWhom: 'Clients with a weak point, on days that train it.',
    fires: of(
      'side delts lag, one easy movement of two sets',
      [press, line('cable-lateral-raise', straight(2, 12)), line('pushdown')],
      {},
      with_.client({ lagging: ['deltSide'] }),
    ),
    quiet: of(
      'five sets of raises',
      [press, line('cable-lateral-raise', straight(5, 12)), line('pushdown')],
      {},
      with_.client({ lagging: ['deltSide'] }),
    ),
  },
  'session-band': {
    checks:
      'Hard sets of a muscle outside the band of the school, for the training age and what the session is for.',
    forWhom: 'Every session; the school gives the figures.',
    source: 'Remmert et al. 2025, preprint, from memory, for the upper end.',
    fires: of('eighteen chest sets', [
      line('barbell-bench-press', straight(6, 8)),
      line('cable-fly-shoulder-height', straight(12, 12)),
    ]),
    quiet: of('ten chest sets', [
      line('barbell-bench-press', straight(4, 8)),
      line('incline-dumbbell-press', straight(3, 10)),
      line('cable-fly-shoulder-height', straight(3, 12)),
    ]),
  },
};
