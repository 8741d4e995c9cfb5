import { inTurn, line, of, straight, with_ } from './making';
import type { RulePage } from './model';

const bells = (...kgs: number[]) => with_.kit({ dumbbells: kgs.map((kg) => ({ kg, pairs: 1 })) });

export const kit: Record<string, RulePage> = {
  'not-in-this-gym': {
    checks:
      'The gym lacks the implement, the station, the bench, or what the setting needs: chains, pins, a block, handles.',
    forWhom: 'Every gym.',
    fires: of('chains that nobody has', [line('bench-press-with-chains')]),
    quiet: of(
      'a band rotation without any stack',
      [line('external-rotation')],
      {},
      with_.kit({ stacks: [] }),
    ),
  },
  'angle-not-on-bench': {
    checks: 'No bench of the gym has a notch at the angle.',
    forWhom: 'Gyms whose benches are written down.',
    fires: of('37°', [line('incline-dumbbell-press', {}, { benchDeg: 37 })]),
    quiet: of('30°', [line('incline-dumbbell-press', {}, { benchDeg: 30 })]),
  },
  'load-not-makeable': {
    checks:
      'A load set by hand, or handed over before the gym was another, that its plates, bells or stacks cannot make.',
    forWhom: 'Loads set by hand or handed over.',
    fires: of('bells of 23 kg', [line('dumbbell-bench-press', { loadKg: 23 })]),
    quiet: of('bells of 24 kg', [line('dumbbell-bench-press', { loadKg: 24 })]),
  },
  'load-was-another': {
    checks: 'A session that was handed over with one load, for which another would be chosen today.',
    forWhom: 'Sessions that were handed over.',
    fires: of('bells of 24 kg given, 32 today', [line('dumbbell-bench-press', { handed: [24, 24, 24] })]),
    quiet: of('nothing handed over', [line('dumbbell-bench-press')]),
  },
  'rack-runs-out': {
    checks: 'The heaviest the gym has leaves clearly more than was asked for.',
    forWhom: 'Strong clients in small gyms.',
    fires: of('bells end at 24 kg', [line('dumbbell-bench-press')], {}, bells(10, 20, 24)),
    quiet: of('bells to 40 kg', [line('dumbbell-bench-press')]),
  },
  'short-rack': {
    checks: 'A drop has no lighter load to drop to.',
    forWhom: 'Drop sets.',
    fires: of(
      'three drops, two lighter sizes',
      [
        line('dumbbell-bench-press', {
          scheme: { kind: 'drop', sets: 2, reps: { lo: 8, hi: 10 }, drops: 3, lighter: 25, on: 'last set' },
        }),
      ],
      {},
      bells(20, 24, 30),
    ),
    quiet: of('one drop', [
      line('dumbbell-bench-press', {
        scheme: { kind: 'drop', sets: 2, reps: { lo: 8, hi: 10 }, drops: 1, lighter: 20, on: 'last set' },
      }),
    ]),
  },
  'kit-at-once': {
    checks:
      'A round, or a set with stages, needs more bells, bars, plates, stacks or benches at once than there are.',
    forWhom: 'Pairs, giant sets, drops.',
    fires: inTurn('the same pair of bells in both', [
      line('dumbbell-bench-press', { loadKg: 20 }),
      line('dumbbell-curl', { loadKg: 20 }),
    ]),
    quiet: inTurn('two pairs', [
      line('dumbbell-bench-press', { loadKg: 20 }),
      line('dumbbell-curl', { loadKg: 12 }),
    ]),
  },
  'far-pair': {
    checks:
      'Two movements done in turn whose stations stand more than 12 m apart; where nobody measured, 15 m are assumed and it is a note.',
    forWhom: 'Pairs and giant sets.',
    fires: inTurn(
      'thirty metres',
      [line('dumbbell-bench-press'), line('cable-lateral-raise')],
      with_.kit({ apart: [{ a: 'cables', b: 'dumbbells', metres: 30 }] }),
    ),
    quiet: inTurn(
      'five metres',
      [line('dumbbell-bench-press'), line('cable-lateral-raise')],
      with_.kit({ apart: [{ a: 'cables', b: 'dumbbells', metres: 5 }] }),
    ),
  },
  'over-time': {
    checks:
      'The clock of the session runs past the minutes there are; more than a quarter of an hour is a stop.',
    forWhom: 'Every session.',
    fires: of(
      'an hour’s work in half an hour',
      [
        line('barbell-bench-press', straight(5, 8)),
        line('incline-dumbbell-press', straight(4, 8)),
        line('cable-lateral-raise', straight(4, 12)),
      ],
      { minutes: 35 },
    ),
    quiet: of('two movements in an hour', [line('barbell-bench-press'), line('cable-lateral-raise')], {
      minutes: 60,
    }),
  },
};
