import { askedOn } from '../../session';
import { leaving, line, noArms, novice, of, straight, with_ } from './making';
import type { RulePage } from './model';

export const safety: Record<string, RulePage> = {
  'ask-first': {
    checks: 'A question of the health screen was answered with yes, and nobody is named who cleared it.',
    forWhom: 'Every client.',
    fires: of(
      'a heart condition, not cleared',
      [line('push-up')],
      {},
      with_.client({ health: askedOn('2026-10-01', ['heart']) }),
    ),
    quiet: of(
      'the same, cleared in October',
      [line('push-up')],
      {},
      with_.client({
        health: { ...askedOn('2026-10-01', ['heart']), clearedBy: 'Dr Veld', clearedOn: '2026-10-05' },
      }),
    ),
  },
  'health-screen': {
    checks: 'The health screen was never asked, has open questions, or is more than a year old.',
    forWhom: 'Every client.',
    fires: of('asked two years ago', [line('push-up')], {}, with_.client({ health: askedOn('2024-10-01') })),
    quiet: of('asked in October', [line('push-up')]),
  },
  'bar-alone': {
    checks: 'A bar over the body goes to one in reserve or less, with neither a spotter nor safety arms.',
    forWhom: 'Everybody; it is the session’s spotter and the gym’s rack that count.',
    fires: of('leaving 1, no arms, nobody by', [line('barbell-bench-press', leaving(2, 1))], {}, noArms),
    quiet: of(
      'the same with somebody standing by',
      [line('barbell-bench-press', leaving(2, 1))],
      { spotter: true },
      noArms,
    ),
  },
  'reverse-grip-alone': {
    checks: 'An underhand bar over the body without a spotter, whatever is left in reserve.',
    forWhom: 'Everybody.',
    fires: of('nobody by', [line('reverse-grip-bench-press')]),
    quiet: of('with a spotter', [line('reverse-grip-bench-press')], { spotter: true }),
  },
  'wide-and-flared': {
    checks:
      'On an incline: hands at twice the shoulders or wider and elbows out at 80° or more, with any implement.',
    forWhom: 'Everybody.',
    fires: of(
      'rails at 30°',
      [line('guided-bar-incline-press', {}, { gripBiacromial: 2.1, tuckDeg: 85 })],
      {},
      with_.kit({
        bars: [{ id: 'rails', name: 'Rails', kg: 15, use: 'guided' }],
      }),
    ),
    quiet: of('hands in, elbows at 45°', [
      line('incline-barbell-press', {}, { gripBiacromial: 1.4, tuckDeg: 45 }),
    ]),
  },
  'client-limits': {
    checks: 'A movement, its setting or how hard it is done meets a limit noted for the client.',
    forWhom:
      'Clients with a limit: shoulder, elbow, wrist, lower back, blood pressure, an earlier chest strain.',
    fires: of(
      'wide hands, tucked to 45°, with an irritated shoulder',
      [line('barbell-bench-press', {}, { tuckDeg: 45, gripBiacromial: 2 })],
      {},
      with_.limit('shoulder front'),
    ),
    quiet: of(
      'a pushdown with an irritated elbow',
      [line('pushdown', straight(3, 12, 15))],
      {},
      with_.limit('elbow'),
    ),
  },
  'beginner-failure': {
    checks: 'A set that leaves nothing in the first year of training.',
    forWhom: 'Clients in their first year.',
    fires: of('the last set to failure', [line('pushdown', leaving(1, 0))], {}, novice),
    quiet: of('two left', [line('pushdown', leaving(3, 2))], {}, novice),
  },
  'beginner-techniques': {
    checks: 'Drop sets, rest–pause, burn-outs in the first year of training.',
    forWhom: 'Clients in their first year.',
    fires: of(
      'a rest–pause',
      [
        line('pushdown', {
          scheme: {
            kind: 'rest-pause',
            sets: 2,
            reps: { lo: 10, hi: 12 },
            bouts: 2,
            pauseS: 15,
            on: 'last set',
          },
        }),
      ],
      {},
      novice,
    ),
    quiet: of('straight sets', [line('pushdown', leaving(3, 2))], {}, novice),
  },
  'forced-reps': {
    checks: 'A note or a cue asks for forced, cheated or negative-only repetitions.',
    forWhom: 'Everybody; a stop in the first year and after a chest strain.',
    fires: of(
      'negatives in the first year',
      [line('pushdown', { note: '2 negatives at the end' })],
      {},
      novice,
    ),
    quiet: of('a note that refuses them', [line('pushdown', { note: 'no negatives yet' })], {}, novice),
  },
  'over-max': {
    checks:
      'A working set is heavier than the client is known to lift once, beyond what the estimate is unsure of.',
    forWhom: 'Clients with a max that is tested, worked out from sets or borrowed.',
    fires: of(
      '150 kg for 1–3 where about 115 kg goes once',
      [line('barbell-bench-press', { ...straight(3, 1, 3), loadKg: 150 })],
      { spotter: true },
    ),
    quiet: of('100 kg for 3', [line('barbell-bench-press', { ...straight(2, 3), loadKg: 100 })], {
      spotter: true,
    }),
  },
  'lockout-over-max': {
    checks: 'Chains or bands bring the load at the top more than a tenth over the plain max.',
    forWhom: 'Clients with a known max.',
    fires: of(
      'heavy chains',
      [line('bench-press-with-chains', { loadKg: 115 })],
      {},
      with_.kit({ chains: [{ id: 'c', name: 'Chains', kgPerMetre: 12, metres: 2, aSide: 1 }] }),
    ),
    quiet: of(
      'light chains, 70 kg',
      [line('bench-press-with-chains', { loadKg: 70 })],
      {},
      with_.kit({ chains: [{ id: 'c', name: 'Chains', kgPerMetre: 3, metres: 2, aSide: 1 }] }),
    ),
  },
  'load-jump': {
    checks:
      'The heaviest set is more than a tenth over the last session of the same lift, a fifth for a stop; the smallest step of the kit is a note.',
    forWhom: 'Clients with logged sets.',
    fires: of(
      'from 60 to 72.5 kg',
      [line('barbell-bench-press', { ...straight(3, 8), ...leaving(2), loadKg: 72.5 })],
      {},
      {
        ...with_.client({}),
        logged: [
          {
            movement: 'barbell-press',
            rig: {},
            date: '2026-11-20',
            loadKg: 60,
            reps: 8,
            reserve: 2,
            kind: 'set',
          },
        ],
      },
    ),
    quiet: of(
      'from 60 to 65 kg',
      [line('barbell-bench-press', { ...straight(3, 8), ...leaving(2), loadKg: 65 })],
      {},
      {
        ...with_.client({}),
        logged: [
          {
            movement: 'barbell-press',
            rig: {},
            date: '2026-11-20',
            loadKg: 60,
            reps: 8,
            reserve: 2,
            kind: 'set',
          },
        ],
      },
    ),
  },
};
