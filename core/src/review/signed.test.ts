import { measure } from '../measure';
import { applyEdit, becoming, type Edit, type Line, type Session, singleBlock } from '../session';
import { findEntry } from '../movements';
import { line, sampleClient, sampleContext, session } from '../examples';
import { isSigned, type Purpose, sizeOf } from './signed';

const sets = (n: number, lo: number, hi = lo): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets: n, reps: { lo, hi } },
});
const day = [
  line('barbell-bench-press', { ...sets(4, 6, 8), restS: 150 }),
  line('incline-dumbbell-press', { ...sets(3, 8, 10), restS: 120 }),
  line('cable-fly-shoulder-height', sets(3, 12, 15)),
  line('dumbbell-lateral-raise', sets(4, 12, 15)),
  line('overhead-extension', sets(3, 10, 12)),
];
const signed = (
  edit: Edit,
  purpose: Partial<Purpose> = {},
  { patch = {}, context = sampleContext }: { patch?: Partial<Session>; context?: typeof sampleContext } = {},
): boolean => {
  const before = session(day, patch);
  const [a, b] = [before, applyEdit(before, edit)].map((s) => measure(s, context));
  return isSigned(a!, b!, { severity: 'watch', on: [], ...purpose });
};
const on = (id: string, patch: Partial<Line>): Edit => ({ do: 'line', line: id, patch });
const into = (id: string, entry: string): Edit => on(id, becoming(findEntry(entry)!));
const adding = (entry: string): Edit => ({
  do: 'add block',
  at: day.length,
  block: singleBlock('new', { ...line(entry), id: 'new-line' }),
});

const rows: [string, boolean, Edit, Partial<Purpose>?][] = [
  [
    'more of what it is about',
    true,
    on('dumbbell-lateral-raise', sets(5, 12, 15)),
    { moves: { of: 'deltSide', by: 1 } },
  ],
  [
    'less of what should be more',
    false,
    on('dumbbell-lateral-raise', sets(3, 12, 15)),
    { moves: { of: 'deltSide', by: 1 } },
  ],
  [
    'nothing of what it is about',
    false,
    on('overhead-extension', sets(4, 10, 12)),
    { moves: { of: 'deltSide', by: 1 } },
  ],
  ['a set less of the main lift, of four', true, on('barbell-bench-press', sets(3, 6, 8))],
  ['two less of the main lift', false, on('barbell-bench-press', sets(2, 6, 8))],
  ['the main lift left out', false, { do: 'remove line', line: 'barbell-bench-press' }],
  [
    'another main lift where it is not the matter',
    false,
    into('barbell-bench-press', 'close-grip-bench-press'),
  ],
  ['the only one for a muscle left out', false, { do: 'remove line', line: 'dumbbell-lateral-raise' }],
  [
    'the same where the matter is too much',
    true,
    { do: 'remove line', line: 'dumbbell-lateral-raise' },
    { lessens: true },
  ],
  ['a fly for a press', false, into('incline-dumbbell-press', 'incline-dumbbell-fly')],
  ['a press overhead for one on a bench', false, into('incline-dumbbell-press', 'standing-dumbbell-press')],
  ['a raise for a raise', true, into('dumbbell-lateral-raise', 'seated-lateral-raise')],
  [
    'a press whose load nobody knows for one that is known',
    false,
    into('incline-dumbbell-press', 'incline-press-machine'),
  ],
  ['a movement that stands there already', false, into('incline-dumbbell-press', 'barbell-bench-press')],
  ['one that hardly anybody does', false, into('cable-fly-shoulder-height', 'pullover')],
  ['a heavy lift rested a minute', false, on('barbell-bench-press', { restS: 60 })],
  ['a heavy lift rested two', true, on('barbell-bench-press', { restS: 120 })],
  ['a raise rested less', true, on('dumbbell-lateral-raise', { restS: 45 })],
  ['one more for another muscle', true, adding('incline-rear-raise')],
  ['one more that stands there already', false, adding('dumbbell-lateral-raise')],
];
test.each(rows.map(([what, is, edit, purpose = {}]) => ({ what, is, edit, purpose })))(
  '$what: signed $is',
  ({ is, edit, purpose }) => expect(signed(edit, purpose)).toBe(is),
);

test('a stop is mended by what there is, in the right direction still', () => {
  const out: Edit = { do: 'remove line', line: 'barbell-bench-press' };
  expect(signed(out, { severity: 'stop' })).toBe(true);
  expect(signed(out, { severity: 'stop', moves: { of: 'chest', by: 1 } })).toBe(false);
});

test('the minutes of the client hold, and a weak point loses nothing', () => {
  const minutes = measure(session(day), sampleContext).timeline.totalS / 60;
  const more = on('overhead-extension', { restS: 180 });
  expect(signed(more, {}, { patch: { minutes: Math.ceil(minutes) + 8 } })).toBe(true);
  expect(signed(more, {}, { patch: { minutes: Math.ceil(minutes) } })).toBe(false);
  const context = { ...sampleContext, client: { ...sampleClient, lagging: ['deltSide' as const] } };
  const less = on('dumbbell-lateral-raise', sets(3, 12, 15));
  expect([signed(less), signed(less, {}, { context })]).toEqual([true, false]);
});

test('a figure is less of a change than a movement, one more than another, and one out the most', () => {
  const all: Edit = { do: 'all', edits: [on('a', { restS: 60 }), into('b', 'pushdown')] };
  expect(
    [on('a', { restS: 60 }), all, adding('pushdown'), { do: 'remove line', line: 'a' } as const].map(sizeOf),
  ).toEqual([0, 1, 2, 3]);
});
