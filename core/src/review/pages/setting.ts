import { line, of, straight, warm, with_ } from './making';
import type { RulePage } from './model';

export const setting: Record<string, RulePage> = {
  'steep-incline': {
    checks: 'A press on a bench between 55° and 70°.',
    forWhom: 'Presses meant for the chest.',
    source: 'Rodríguez-Ridao et al. 2020 for the shift to the front delt.',
    fires: of('60°', [line('incline-dumbbell-press', {}, { benchDeg: 60 })]),
    quiet: of('30°', [line('incline-dumbbell-press', {}, { benchDeg: 30 })]),
  },
  'steep-decline': {
    checks: 'A bench tilted down by more than 20°.',
    forWhom: 'Everybody.',
    fires: of('28° head down', [line('decline-dumbbell-press', {}, { benchDeg: -28 })]),
    quiet: of('15° head down', [line('decline-dumbbell-press', {}, { benchDeg: -15 })]),
  },
  'flare-on-incline': {
    checks: 'Elbows out at 80° or more in a press with a bar, bells or rails.',
    forWhom: 'Everybody; the model says what tucking would change.',
    fires: of('85° on an incline', [line('incline-dumbbell-press', {}, { tuckDeg: 85 })]),
    quiet: of('50°', [line('incline-dumbbell-press', {}, { tuckDeg: 50 })]),
  },
  'very-wide-grip': {
    checks: 'Hands at twice the breadth of the shoulders or wider.',
    forWhom: 'Chest presses.',
    fires: of('2.1 × shoulders', [line('barbell-bench-press', {}, { gripBiacromial: 2.1 })]),
    quiet: of('1.6 × shoulders', [line('barbell-bench-press', {}, { gripBiacromial: 1.6 })]),
  },
  'deep-fly': {
    checks: 'The elbows of a bell fly go behind the level of the chest.',
    forWhom: 'Everybody; louder for a shoulder that complains.',
    fires: of('the whole range', [line('dumbbell-fly', {}, { range: 'full' })]),
    quiet: of('to chest level', [line('dumbbell-fly', {}, { range: 'chest level' })]),
  },
  'rest-at-the-top': {
    checks: 'A pause at the top of a bell press or fly, where the torque is next to nothing.',
    forWhom: 'Everybody.',
    fires: of('two seconds at the top', [
      line('dumbbell-bench-press', { tempo: { lower: 2, stretched: 0, lift: 1, shortened: 2 } }),
    ]),
    quiet: of('a second in the stretch', [
      line('dumbbell-bench-press', { tempo: { lower: 2, stretched: 1, lift: 1, shortened: 0 } }),
    ]),
  },
  'static-stretch-first': {
    checks: 'A static stretch in the warm-up.',
    forWhom: 'Everybody.',
    source: 'Simic et al. 2013; Kay & Blazevich 2012.',
    fires: of('a minute in the doorway', [line('push-up')], { warmup: warm('static-chest-stretch', 60) }),
    quiet: of('pass-throughs', [line('push-up')], { warmup: warm('pass-through') }),
  },
  'useless-rotation': {
    checks:
      'A rotation that the weight does not oppose: the torque about the upper arm’s own axis is nothing.',
    forWhom: 'Everybody.',
    fires: of('a bell turned standing', [line('push-up')], { warmup: warm('standing-dumbbell-rotation') }),
    quiet: of('lying on the side', [line('push-up')], { warmup: warm('side-lying-rotation') }),
  },
  'competitor-pause': {
    checks: 'A flat bench press for few repetitions that does not wait on the chest.',
    forWhom: 'Clients who compete in the bench press or are in the weeks before a meet.',
    fires: of(
      'touch and go',
      [
        line('barbell-bench-press', {
          ...straight(4, 5),
          tempo: { lower: 2, stretched: 0, lift: 1, shortened: 0 },
        }),
      ],
      {},
      with_.client({ competes: 'bench' }),
    ),
    quiet: of(
      'paused',
      [line('paused-bench-press', straight(4, 5))],
      {},
      with_.client({ competes: 'bench' }),
    ),
  },
};
