import { leaving, line, of, straight } from './making';
import type { RulePage } from './model';

const bench = line('dumbbell-bench-press', straight(3, 8));

export const order: Record<string, RulePage> = {
  'triceps-before-press': {
    checks: 'An extension before a press.',
    forWhom: 'Every session with presses.',
    source: 'Brandão et al. 2020, untrained men: less chest growth that way round, not clearly.',
    fires: of('pushdown, then the press', [line('pushdown'), bench]),
    quiet: of('press, then pushdown', [bench, line('pushdown')]),
  },
  'isolation-before-compound': {
    checks:
      'A fly or a raise before a heavy press for the same muscle; a raise first is fine where the session is for it.',
    forWhom: 'Every session; a note in the pyramid and the pump school.',
    fires: of('fly, then the press', [line('cable-fly-shoulder-height'), bench]),
    quiet: of('press, then fly', [bench, line('cable-fly-shoulder-height')]),
  },
  'emphasis-late': {
    checks:
      'A heavy movement for something else stands before the first one for the emphasis, or before the upper chest where it lags.',
    forWhom: 'Every session.',
    fires: of('overhead first on a day for the chest', [
      line('standing-dumbbell-press', straight(3, 8)),
      bench,
    ]),
    quiet: of('chest first', [bench, line('standing-dumbbell-press', straight(3, 8))]),
  },
  'light-before-heavy': {
    checks: 'A press for six or fewer after a press of the same muscle for at least four more.',
    forWhom: 'Every session.',
    fires: of('tens, then fives', [
      line('incline-dumbbell-press', straight(3, 10)),
      line('barbell-bench-press', straight(3, 5)),
    ]),
    quiet: of('fives, then tens', [
      line('barbell-bench-press', straight(3, 5)),
      line('incline-dumbbell-press', straight(3, 10)),
    ]),
  },
  'cuff-before-press': {
    checks: 'Rotator work that leaves fewer than three before a heavy press.',
    forWhom: 'Every session; easy rotations are a warm-up.',
    fires: of('rotations to 1 in reserve first', [line('side-lying-rotation', leaving(2, 1)), bench]),
    quiet: of('easy rotations first', [line('side-lying-rotation', leaving(4)), bench]),
  },
};
