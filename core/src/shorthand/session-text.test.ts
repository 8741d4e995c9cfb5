import fc from 'fast-check';
import {
  choiceKnobs,
  choiceWords,
  dress,
  emptyNotebook,
  entries,
  findOwn,
  fullRig,
  movementOf,
  type Notebook,
  offeredEntries,
} from '../movements';
import { ownFrom } from '../movements/teaching';
import { schools, startingLine } from '../schools';
import { type Line, parseScheme, type Session, sessionSchema } from '../session';
import { anySession } from '../testing/any';
import { newIds } from '../testing/ids';
import { line, session, soundPush } from '../examples';
import { blocksOfPasted, readPasted } from './pasted';
import { writeSession } from './session-text';

const own = { ...ownFrom(entries[0]!, { benchDeg: 15 }, 'own-1'), name: 'Quay press', aliases: ['qp'] };
const notebook: Notebook = { ...emptyNotebook, own: [own] };
const read = (text: string, newId = newIds()) => {
  const pasted = readPasted(text, { unit: 'kg', notebook, school: 'evidence', newId });
  return { pasted, blocks: blocksOfPasted(pasted, newId) };
};

/** A line without its id, its settings filled in: what two lines are compared by. */
function bare(l: Line): unknown {
  const mine = findOwn(notebook, l.own);
  const movement = mine ? dress(mine) : movementOf(l.movement);
  const { id: _id, ...rest } = l;
  return JSON.parse(JSON.stringify({ ...rest, rig: fullRig(movement, l.rig) }));
}
const shape = (s: Session): unknown => ({
  title: s.title,
  minutes: s.minutes,
  emphasis: s.emphasis,
  school: s.school,
  spotter: s.spotter,
  status: s.status,
  date: s.date,
  note: s.note,
  ramp: s.ramp,
  warmup: s.warmup.map(({ id: _id, ...w }) => w),
  blocks: s.blocks.map((b) => ({
    kind: b.kind,
    betweenS: b.kind === 'single' ? null : b.betweenS,
    lines: b.lines.map(bare),
  })),
});

test('choices of a movement can be told apart by their words', () => {
  for (const { movement } of entries) {
    const words = choiceKnobs.flatMap((k) =>
      (movement.knobs[k]?.options ?? []).map((o) => choiceWords(k, o)),
    );
    expect(new Set(words).size).toBe(words.length);
  }
});

const prose = fc
  .string({ minLength: 1, maxLength: 60 })
  .filter((t) => t.trim() === t && !/[\r\u2028\u2029]/.test(t));
const schemes = [
  '4x8',
  '3x8-12',
  '12, 9, 6',
  '1x5, then 3x8 at -12%',
  '3x10, last drop 2 x 25%',
  '2x8 rest-pause',
  'burn-out 40',
  '3xamrap',
  '2x15s hold',
  '5, 7, 9',
  '3x8, then grip 1.5',
  '2x12, then bench 0',
].map((t) => parseScheme(t)!);
const anyLine = (id: string): fc.Arbitrary<Line> =>
  fc
    .record({
      entry: fc.constantFrom(...offeredEntries(notebook)),
      turn: fc.record({
        benchDeg: fc.constantFrom(0, 15, 30, 45),
        tuckDeg: fc.constantFrom(30, 45, 60),
        gripBiacromial: fc.constantFrom(1.2, 1.5),
      }),
      scheme: fc.constantFrom(...schemes),
      reserve: fc.record({ first: fc.constantFrom(0, 1, 2, 3), last: fc.constantFrom(0, 0.5, 1, 2) }),
      restS: fc.integer({ min: 0, max: 900 }),
      tempo: fc.constantFrom(
        { lower: 2, stretched: 1, lift: 1, shortened: 0 },
        { lower: 4, stretched: 0, lift: 1, shortened: 2 },
      ),
      loadKg: fc.oneof(
        fc.constant(null),
        fc.constantFrom(20, 22.5, 101.25),
        fc.array(fc.constantFrom(12, 14.5, 16), { minLength: 1, maxLength: 4 }),
      ),
      note: fc.oneof(fc.constant(''), prose),
      cues: fc.oneof(fc.constant(null), fc.array(prose, { maxLength: 3 })),
      squeezeS: fc.constantFrom(undefined, 10),
      hung: fc.constantFrom(undefined, { of: 'chain-a1 heavy', aSide: 2 }),
      loads: fc.constantFrom(undefined, 'one' as const, 'down' as const),
      percentOf: fc.constantFrom(undefined, { lift: 'standing-barbell-press', percent: 80 }),
      pins: fc.constantFrom(undefined, { pecUpper: 0.4, serratus: 0.25 }),
    })
    .map(({ entry, turn, squeezeS, hung, loads, percentOf, pins, ...rest }) => {
      const started = startingLine(entry, schools.evidence, id);
      return {
        ...started,
        ...rest,
        rig: fullRig(entry.movement, { ...started.rig, ...turn }),
        ...(squeezeS ? { squeezeS } : {}),
        ...(hung ? { hung } : {}),
        ...(loads ? { loads } : {}),
        ...(percentOf ? { percentOf } : {}),
        ...(pins ? { pins } : {}),
      };
    });

test('a session printed as text reads back to the same session', () => {
  fc.assert(
    fc.property(
      anyLine('a'),
      anyLine('b'),
      anyLine('c'),
      prose,
      fc.constantFrom('chest' as const, 'deltSide' as const, 'pecUpper' as const),
      fc.boolean(),
      (a, b, c, title, emphasis, spotter) => {
        const s: Session = {
          ...session([]),
          title,
          emphasis,
          spotter,
          date: spotter ? '2026-11-24' : null,
          note: spotter ? title : '',
          ...(spotter ? { ramp: 'two sets' as const } : {}),
          warmup: [
            { id: 'w1', movement: 'easy-cardio', sets: 1, reps: null, seconds: 240, note: 'row' },
            { id: 'w2', movement: 'pass-through', sets: 2, reps: 10, seconds: null, note: '' },
          ],
          blocks: [
            { id: 'b1', kind: 'single', betweenS: 10, lines: [a] },
            { id: 'b2', kind: 'superset', betweenS: 15, lines: [b, c] },
          ],
        };
        const { pasted, blocks } = read(writeSession(s, { unit: 'kg', notebook }));
        expect(pasted.rows.flatMap((r) => r.unknown)).toEqual([]);
        expect(shape({ ...s, ...pasted.head, warmup: pasted.warmup, blocks })).toEqual(shape(s));
      },
    ),
    { numRuns: 200 },
  );
});

test('any session whatever, whatever its schemes and settings, is read back from its text', () => {
  const made = (kg: number): number => Math.round(kg * 4) / 4;
  const roundLoads = (l: Line): Line =>
    l.loadKg === null ? l : { ...l, loadKg: Array.isArray(l.loadKg) ? l.loadKg.map(made) : made(l.loadKg) };
  fc.assert(
    fc.property(anySession, (any) => {
      const s: Session = {
        ...any,
        blocks: any.blocks.map((b) => ({ ...b, lines: b.lines.map(roundLoads) })),
      };
      const { pasted, blocks } = read(writeSession(s, { unit: 'kg', notebook }));
      expect(pasted.rows.flatMap((r) => r.unknown)).toEqual([]);
      expect(shape({ ...s, ...pasted.head, warmup: pasted.warmup, blocks })).toEqual(shape(s));
    }),
    { numRuns: 100 },
  );
});

test('in pounds the loads come back to a hundredth of a kilogram', () => {
  const s = session([line('barbell-bench-press', { loadKg: 102.05828 })]);
  const text = writeSession(s, { unit: 'lb' });
  expect(text).toContain('at 225 lb');
  const { blocks } = read(text);
  expect(Math.abs((blocks[0]!.lines[0]!.loadKg as number) - 102.05828)).toBeLessThan(0.01);
});

test('a message as people send it: names, pairs, failure, rest', () => {
  const { pasted, blocks } = read('incline db 4x8, then flys 3x12 super w/ pushups to failure, 90s rest');
  expect(pasted.rows.map((r) => r.name)).toEqual(['Incline dumbbell press', 'Dumbbell fly', 'Push-up']);
  expect(blocks.map((b) => b.kind)).toEqual(['single', 'superset']);
  const [press, fly, push] = blocks.flatMap((b) => b.lines);
  expect(press!.scheme).toMatchObject({ sets: 4, reps: { lo: 8, hi: 8 } });
  expect(fly!.scheme).toMatchObject({ sets: 3, reps: { lo: 12 } });
  expect(push!.scheme.kind).toBe('to failure');
  expect(push!.restS).toBe(90);
  expect(pasted.rows.flatMap((r) => r.unknown)).toEqual([]);
});

test.each([
  ['bench 4x8, flys 3x12, dips 3x10', ['Barbell bench press', 'Dumbbell fly', 'Chest dip']],
  [
    '1. smith incline 3x10\n2) lat raise 4x15\n- tri pushdown 12,10,8',
    ['Guided-bar incline press', 'Dumbbell lateral raise', 'Triceps pushdown'],
  ],
  ['ohp 1x5, then 3x8 at -12% leave 1', ['Standing barbell press']],
  ['db bench 3x10 triple drop', ['Dumbbell bench press']],
  ['face pulls 3x15 + curls 3x12', ['Face pull', 'Dumbbell curl']],
])('%p', (text, names) => expect(read(text).pasted.rows.map((r) => r.name)).toEqual(names));

test.each([
  ['A1. incline db 3x10\nA2. cable fly 3x12\nB. dips 3x10', ['superset', 'single']],
  ['1a) lat raise 3x15\n1b) front raise 3x12\n1c) rear raise 3x15', ['giant']],
  ['tri-set: lat raise 3x15, front raise 3x12, face pulls 3x15', ['giant']],
  ['giant set of lat raise 3x15 + rear raise 3x15 + face pulls 3x15 + curls 3x12', ['giant']],
  ['1. bench 3x8\n2. flys 3x12', ['single', 'single']],
])('%p: what is done in turn', (text, kinds) => {
  const { pasted, blocks } = read(text);
  expect(blocks.map((b) => b.kind)).toEqual(kinds);
  expect(pasted.rows.flatMap((r) => r.unknown)).toEqual([]);
});

test.each([
  ['pushups 3x10 then wide', { knob: 'gripBiacromial', easier: [1.8] }],
  ['incline db 2x8 then bench 15 then bench 0 leave 1', { knob: 'benchDeg', easier: [15, 0] }],
])('%p: an easier setting at once', (text, scheme) => {
  const { pasted, blocks } = read(text);
  expect(pasted.rows).toHaveLength(1);
  expect(blocks[0]!.lines[0]!.scheme).toMatchObject({ kind: 'mechanical drop', ...scheme });
});

test('"then" before another movement begins another movement', () => {
  const { blocks } = read('incline db 4x8 then bench 4x6, then flat db 3x10');
  expect(blocks.map((b) => b.lines[0]!.scheme.kind)).toEqual(['straight', 'straight', 'straight']);
});

test('what is not understood is kept and marked, never dropped', () => {
  const { pasted, blocks } = read('incline db 4x8 like last week\nzzkwq 5x5\nbench 3x5 @ 80kg');
  expect(pasted.rows).toHaveLength(3);
  expect(pasted.rows[0]!.unknown.join(' ')).toContain('last');
  expect(pasted.rows[1]!.line).toBeNull();
  expect(pasted.rows[1]!.text).toContain('zzkwq');
  expect(blocks).toHaveLength(2);
  expect(blocks[0]!.lines[0]!.note).toContain('week');
  expect(blocks[1]!.lines[0]!.loadKg).toBe(80);
});

test('any text at all is read without an error, and makes valid blocks', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 300 }), (text) => {
      const newId = newIds();
      const { blocks } = read(text, newId);
      expect(sessionSchema.safeParse({ ...soundPush, blocks }).success).toBe(true);
    }),
    { numRuns: 200 },
  );
});

test('names of own movements and notes of a warm-up may hold what parts a line, and come back', () => {
  const name = fc.oneof(
    fc.constantFrom(
      'Press (wide) · paused',
      '# first',
      '+ 1',
      'for Ann',
      'note: x',
      'warm-up: y',
      '“a” · b',
      'a ”',
      'Quay (x',
    ),
    fc
      .string({ minLength: 1, maxLength: 40 })
      .filter((t) => t.trim() === t && t !== '' && !/[\r\n\u2028\u2029]/.test(t)),
  );
  fc.assert(
    fc.property(name, prose, (called, note) => {
      const mine = { ...own, name: called, aliases: [] };
      const book: Notebook = { ...emptyNotebook, own: [mine] };
      const entry = offeredEntries(book).find((e) => e.own === mine.id)!;
      const s: Session = {
        ...session([startingLine(entry, schools.evidence, 'l1')]),
        warmup: [
          {
            id: 'w1',
            movement: 'pass-through',
            sets: 2,
            reps: 10,
            seconds: null,
            note: `${note} · note ${note}`,
          },
        ],
      };
      const newId = newIds();
      const context = { unit: 'kg' as const, notebook: book, school: 'evidence' as const, newId };
      const pasted = readPasted(writeSession(s, { unit: 'kg', notebook: book }), context);
      expect(pasted.rows.map((r) => [r.line?.own, r.unknown])).toEqual([[mine.id, []]]);
      expect(pasted.warmup.map((w) => w.note)).toEqual([s.warmup[0]!.note]);
    }),
    { numRuns: 200 },
  );
});
