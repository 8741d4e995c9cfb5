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
      {},
      with_.client({ lagging: ['pecUpper'] }),
    ),
    quiet: of('an incline press', [line('incline-dumbbell-press'), press]),
  },
  'missing-long-head': {
    checks: 'No extension with the arm raised or lying, after two presses or on an arm day.',
    forWhom: 'Push and arm days; a chest or shoulder day owes none.',
    source: 'Brandão et al. 2020; Maeo et al. 2023.',
    fires: of('presses and a pushdown', [press, line('seated-dumbbell-press'), line('pushdown')]),
    quiet: of(
      'a shoulder day',
      [line('seated-dumbbell-press'), line('standing-dumbbell-press'), line('cable-lateral-raise')],
      { emphasis: 'deltSide' },
    ),
  },
  'missing-side-delt': {
    checks: 'No direct set for the side delts in three or more movements.',
    forWhom: 'Push and shoulder days; a chest day owes none.',
    fires: of('a push day without a raise', [press, line('dumbbell-fly'), line('pushdown')]),
    quiet: of('a chest day', [press, line('dumbbell-fly'), line('incline-dumbbell-press')]),
  },
  'missing-rear-or-rotation': {
    checks: 'Nothing pulls the shoulder back or turns it out, neither in the work nor in the warm-up.',
    forWhom: 'Push and shoulder days.',
    fires: of('all push', [press, line('pushdown'), line('cable-lateral-raise')]),
    quiet: of('pull-aparts first', [press, line('pushdown'), line('cable-lateral-raise')], {
      warmup: warm('band-pull-apart'),
    }),
  },
  'head-below-floor': {
    checks:
      'A head of the chest or the triceps below two fifths of its group’s band while the group has its sets.',
    forWhom: 'Groups that are trained for what they are.',
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
    checks: 'Two or more chest presses and no fly that still pulls when the hands meet.',
    forWhom: 'Chest and push days.',
    fires: of('presses and a bell fly', [press, line('incline-dumbbell-press'), line('dumbbell-fly')]),
    quiet: of('presses and a cable fly', [
      press,
      line('incline-dumbbell-press'),
      line('cable-fly-shoulder-height'),
    ]),
  },
  'missing-stretch': {
    checks: 'No press or fly is hard while the chest is long.',
    forWhom: 'Chest and push days; quiet for an unstable shoulder or a chest strain.',
    source: 'Wolf et al. 2023, from memory.',
    fires: of('floor presses and a cable', [
      line('dumbbell-floor-press', straight(4, 8)),
      line('cable-fly-shoulder-height'),
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
    checks: 'Six or more sets of one muscle in two or more movements, all at about the same repetitions.',
    forWhom: 'Every session.',
    fires: of('eights throughout', [press, line('incline-dumbbell-press', straight(4, 8))]),
    quiet: of('eights and fourteens', [press, line('incline-dumbbell-press', straight(4, 12, 15))]),
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
