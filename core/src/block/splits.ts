/** A training day a split asks for, before the coach says which session it uses. */
export interface SplitDay {
  id: string;
  name: string;
  /** A push, chest, shoulder or upper day is a session; others begin in short form, as typed. */
  short?: string;
}

/** A ready pattern. */
export interface Split {
  id: string;
  name: string;
  about: string;
  days: SplitDay[];
  pattern: string[][];
}

const pull = 'back 10 hard, rear delt 3 medium, biceps 4 medium';
const legs = 'quads 8 hard, hamstrings 6 hard, calves 4 medium';
const lower = 'quads 6 hard, hamstrings 5 hard, glutes 3 medium, calves 4 medium';
const rest: string[] = [];

const push: SplitDay = { id: 'push', name: 'Push' };
const pushA: SplitDay = { id: 'push-a', name: 'Push A' };
const pushB: SplitDay = { id: 'push-b', name: 'Push B' };
const pullDay: SplitDay = { id: 'pull', name: 'Pull', short: pull };
const legDay: SplitDay = { id: 'legs', name: 'Legs', short: legs };
const turns = ['push-a', 'push-b'];

/** Patterns coaches use, as data; a day of them can be anything in the end. A pull day comes before a push day. Common practice. */
export const splits: readonly Split[] = [
  {
    id: 'six-and-one',
    name: 'Pull, push, legs twice, one off',
    about: 'Six days and one off; two push days that can complement each other.',
    days: [pullDay, pushA, legDay, pushB],
    pattern: [['pull'], ['push-a'], ['legs'], ['pull'], ['push-b'], ['legs'], rest],
  },
  {
    id: 'three-and-one',
    name: 'Three on, one off',
    about: 'Pull, push, legs, a day off, and on: it drifts through the week.',
    days: [pullDay, pushA, pushB, legDay],
    pattern: [['pull'], turns, ['legs'], rest],
  },
  {
    id: 'once',
    name: 'Push once a week',
    about: 'One push day, one pull day, one for the legs.',
    days: [pullDay, push, legDay],
    pattern: [['pull'], rest, ['push'], rest, ['legs'], rest, rest],
  },
  {
    id: 'twice',
    name: 'Push twice a week',
    about: 'Two push days three days apart, pulling before each.',
    days: [pullDay, pushA, legDay, pushB],
    pattern: [['pull'], ['push-a'], rest, ['pull'], ['push-b'], ['legs'], rest],
  },
  {
    id: 'three-times',
    name: 'Push three times a week',
    about: 'Every other day, two sessions taking turns.',
    days: [pushA, pushB, pullDay],
    pattern: [turns, ['pull'], turns, rest, turns, ['pull'], rest],
  },
  {
    id: 'turns',
    name: 'One push day, two sessions in turn',
    about: 'A once-a-week push day that is A one week and B the next.',
    days: [pullDay, pushA, pushB, legDay],
    pattern: [['pull'], rest, turns, rest, ['legs'], rest, rest],
  },
  {
    id: 'upper-lower',
    name: 'Upper and lower',
    about: 'Four days: upper body twice, lower body twice.',
    days: [
      { id: 'upper-a', name: 'Upper A' },
      { id: 'lower', name: 'Lower', short: lower },
      { id: 'upper-b', name: 'Upper B' },
    ],
    pattern: [['upper-a'], ['lower'], rest, ['upper-b'], ['lower'], rest, rest],
  },
  {
    id: 'part-a-day',
    name: 'One part a day',
    about: 'Chest, back, shoulders, legs, arms; each once.',
    days: [
      { id: 'chest', name: 'Chest' },
      { id: 'back', name: 'Back', short: 'back 14 hard, rear delt 3 medium' },
      { id: 'shoulders', name: 'Shoulders' },
      legDay,
      { id: 'arms', name: 'Arms', short: 'triceps 8 hard, biceps 8 hard' },
    ],
    pattern: [['chest'], ['back'], ['shoulders'], ['legs'], ['arms'], rest, rest],
  },
  {
    id: 'two-parts',
    name: 'Two parts a day',
    about: 'Chest with back, legs, shoulders with arms.',
    days: [
      { id: 'chest-back', name: 'Chest with back' },
      legDay,
      { id: 'shoulders-arms', name: 'Shoulders with arms' },
    ],
    pattern: [['chest-back'], ['legs'], rest, ['shoulders-arms'], rest, rest, rest],
  },
  {
    id: 'full-body',
    name: 'Full body',
    about: 'Three days, something of everything on each.',
    days: [
      { id: 'full-a', name: 'Full body A' },
      { id: 'full-b', name: 'Full body B' },
    ],
    pattern: [['full-a', 'full-b'], rest, ['full-a', 'full-b'], rest, ['full-a', 'full-b'], rest, rest],
  },
];

/** True for a pattern whose days keep to their weekdays. */
export const keepsWeekdays = (pattern: readonly unknown[]): boolean => pattern.length % 7 === 0;
