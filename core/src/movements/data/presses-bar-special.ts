import type { Variant } from '../model';

/** Bench angles that are called flat, degrees. */
export const flat: [number, number] = [-7, 7];

/** The bench press with something hung from the bar. */
export const loadedOtherwise: Variant[] = [
  {
    id: 'bench-press-with-chains',
    name: 'Bench press with chains',
    aliases: ['chain bench', 'chains bench press', 'bench with chains'],
    rig: { added: 'chains' },
    when: { added: 'chains' },
    home: { homeReps: [3, 8], hardWhere: 'shortened' },
  },
  {
    id: 'bench-press-with-bands',
    name: 'Bench press with bands',
    aliases: ['band bench', 'banded bench press'],
    rig: { added: 'bands' },
    when: { added: 'bands' },
    home: { homeReps: [3, 8], hardWhere: 'shortened' },
  },
  {
    id: 'swinging-load-bench-press',
    name: 'Swinging-load bench press',
    aliases: ['kettlebell bench press', 'hanging kettlebell bench'],
    rig: { added: 'hung bells' },
    when: { added: 'hung bells' },
    home: { homeReps: [8, 15], hardWhere: 'throughout' },
  },
];

/** The bench press with its range cut, held or taken twice. */
export const takenOtherwise: Variant[] = [
  {
    id: 'paused-bench-press',
    name: 'Paused bench press',
    aliases: ['pause bench', 'competition bench', 'paused bench'],
    rig: { range: 'paused' },
    when: { range: 'paused', benchDeg: flat },
    home: { homeReps: [3, 8] },
  },
  {
    id: 'hover-pause-bench-press',
    name: 'Hover-pause bench press',
    aliases: ['hover bench', 'hover press'],
    rig: { range: 'hover' },
    when: { range: 'hover', benchDeg: flat },
    home: { homeReps: [3, 8] },
  },
  {
    id: 'pin-press',
    name: 'Pin press from the chest',
    aliases: ['pin press', 'dead bench press', 'pin bench', 'dead press'],
    rig: { range: 'pins' },
    when: { range: 'pins', benchDeg: flat },
    home: { homeReps: [3, 6] },
  },
  {
    id: 'mid-pin-press',
    name: 'Pin press, mid height',
    aliases: ['half pin press', 'high pin press', 'lockout press', 'rack press'],
    rig: { range: 'mid pins' },
    when: { range: 'mid pins', benchDeg: flat },
    home: { homeReps: [3, 6], hardWhere: 'middle' },
  },
  {
    id: 'block-press',
    name: 'Block bench press',
    aliases: ['board press', 'box press', 'board bench'],
    rig: { range: 'box' },
    when: { range: 'box', benchDeg: flat },
    home: { homeReps: [3, 8], hardWhere: 'middle' },
  },
  {
    id: 'one-and-a-half-bench-press',
    name: 'One-and-a-half bench press',
    aliases: ['1.5 rep bench', 'one and a half rep bench', '1 1/2 bench press'],
    rig: { range: 'one and a half' },
    when: { range: 'one and a half', benchDeg: flat },
    home: { homeReps: [5, 8] },
  },
  {
    id: 'lengthened-half-bench-press',
    name: 'Bench press, stretched half',
    aliases: ['lengthened partial bench', 'bottom half bench', 'bench partials'],
    rig: { range: 'lengthened half' },
    when: { range: 'lengthened half', benchDeg: flat },
    home: { homeReps: [6, 12] },
  },
];
