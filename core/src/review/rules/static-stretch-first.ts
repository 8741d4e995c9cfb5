import { movementOf } from '../../movements/catalogue';
import type { Rule } from '../model';

export const staticStretchFirst: Rule = {
  id: 'static-stretch-first',
  title: 'Static stretch before heavy work',
  severity: 'watch',
  ground: 'published',
  look: (s) =>
    s.session.warmup
      .filter((w) => movementOf(w.movement).staticStretch)
      .map((w) => ({
        on: [w.id],
        what: 'A static stretch stands before the heavy work.',
        why: 'Long holds cost about 5 % of strength, more beyond a minute (Simic et al. 2013; Kay & Blazevich 2012); they belong after.',
        fixes: () => [
          {
            label: 'Swap it for pass-throughs',
            edit: {
              do: 'warmup',
              item: w.id,
              patch: { movement: 'pass-through', sets: 1, reps: 10, seconds: null },
            },
          },
          { label: 'Remove it', edit: { do: 'remove warmup', item: w.id } },
        ],
      })),
};
