import { line, session } from '../examples';
import { kindOf, owes, type Owed } from './kinds';
import type { DayKind, Session } from './document';

test.each<[string, string[], Partial<Session>, DayKind]>([
  ['presses and flies', ['barbell-bench-press', 'cable-fly-shoulder-height'], {}, 'chest'],
  ['a press and a raise', ['barbell-bench-press', 'cable-lateral-raise'], {}, 'push'],
  ['a press and an extension', ['barbell-bench-press', 'pushdown'], {}, 'push'],
  ['a steep press alone', ['seated-dumbbell-press'], {}, 'shoulders'],
  ['raises and a pushdown', ['cable-lateral-raise', 'pushdown'], { emphasis: 'deltSide' }, 'shoulders'],
  ['the same for the triceps', ['cable-lateral-raise', 'pushdown'], { emphasis: 'triceps' }, 'arms'],
  ['extensions and curls', ['pushdown', 'dumbbell-curl'], {}, 'arms'],
  ['what the coach says', ['barbell-bench-press'], { kind: 'push' }, 'push'],
  ['what the title says', ['barbell-bench-press', 'pushdown'], { title: 'Chest day, heavy' }, 'chest'],
  ['a weekday before it', ['barbell-bench-press', 'pushdown'], { title: 'Monday chest' }, 'chest'],
  [
    'only the muscle',
    ['barbell-bench-press', 'dumbbell-fly', 'cable-lateral-raise'],
    { title: 'Chest' },
    'chest',
  ],
  [
    'two parts',
    ['seated-dumbbell-press', 'cable-lateral-raise', 'pushdown'],
    { title: 'Shoulders + tris' },
    'shoulders',
  ],
  ['a letter', ['seated-dumbbell-press', 'cable-lateral-raise'], { title: 'Push B' }, 'push'],
  [
    'chest and shoulders',
    ['barbell-bench-press', 'cable-fly-shoulder-height'],
    { title: 'Chest & delts' },
    'push',
  ],
  [
    'a title its movements do not bear out',
    ['barbell-bench-press', 'dumbbell-fly', 'cable-lateral-raise'],
    { title: 'Side delts up' },
    'push',
  ],
  [
    'a dip for the triceps on a chest day',
    ['barbell-bench-press', 'cable-fly-shoulder-height', 'machine-dip'],
    {},
    'chest',
  ],
  [
    'a title about a region',
    ['barbell-bench-press', 'pushdown'],
    { title: 'Push A, upper chest first' },
    'push',
  ],
])('%s', (_, ids, patch, kind) => {
  expect(
    kindOf(
      session(
        ids.map((id) => line(id)),
        { title: 'Tuesday', ...patch },
      ),
    ),
  ).toBe(kind);
});

test.each<[DayKind, Owed[]]>([
  ['chest', ['upper chest', 'adduction', 'stretch']],
  ['push', ['upper chest', 'stretch', 'side delts', 'rear delts', 'long head', 'triceps angles']],
  ['shoulders', ['side delts', 'rear delts']],
  ['arms', ['long head', 'triceps angles']],
])('a day of the kind %s owes no more than its own', (kind, owed) => {
  const all: Owed[] = [
    'upper chest',
    'adduction',
    'stretch',
    'side delts',
    'rear delts',
    'long head',
    'triceps angles',
  ];
  expect(all.filter((what) => owes(session([], { kind }), what))).toEqual(owed);
  expect(owes(session([], { kind, emphasis: 'triLong' }), 'long head')).toBe(true);
});
