import { movementOf } from '../../movements';
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
        why: 'Right after a static stretch strength was lower by about 5 % (Simic et al. 2013), clearly so past a minute of it (Kay & Blazevich 2012, reviews of about a hundred studies each); it belongs after.',
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
