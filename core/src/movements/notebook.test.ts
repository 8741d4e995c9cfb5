import { appraiseAtOnce } from '../appraise';
import { makeSheet } from '../formats';
import { sessionSchema, singleBlock } from '../session';
import { schools, startingLine } from '../schools';
import { lineFromTyped, readTypedLine } from '../shorthand';
import { line, sampleContext, session } from '../examples';
import { entries, findEntry } from './catalogue';
import {
  allEntries,
  dress,
  emptyNotebook,
  entryIn,
  notebookSchema,
  offeredEntries,
  type Notebook,
} from './notebook';
import { ownFrom } from './teaching/own-from';
import { cueList, teachingOf } from './teaching';

const base = findEntry('incline-dumbbell-press')!;
const own = {
  ...ownFrom(base, { benchDeg: 15, tuckDeg: 40 }, 'own-low'),
  name: 'Low incline squeeze',
  aliases: ['low squeeze'],
  homeReps: { lo: 9, hi: 14 },
  pins: { pecUpper: 0.8 },
};
const notebook: Notebook = { ...emptyNotebook, own: [own], hidden: ['pullover'] };
const context = { ...sampleContext, notebook };

test('what an own movement starts from is what was on the screen', () => {
  expect(own.rig).toMatchObject({ benchDeg: 15, tuckDeg: 40 });
  expect(teachingOf(dress(own), own.rig)).toMatchObject({ cues: own.cues, chooseWhen: own.chooseWhen });
  expect(teachingOf(dress(own), own.rig).faultIds).toEqual(teachingOf(base.movement, own.rig).faultIds);
  expect(notebookSchema.safeParse(notebook).success).toBe(true);
});

test('an own movement is offered first, hidden ones are not, and those off by default wait to be asked', () => {
  const offered = offeredEntries(notebook).map((e) => e.id);
  expect(offered[0]).toBe('own-low');
  expect(offered).not.toContain('pullover');
  expect(offered).not.toContain('behind-neck-press');
  expect(offeredEntries({ ...notebook, shown: ['behind-neck-press'] }).map((e) => e.id)).toContain(
    'behind-neck-press',
  );
  expect(allEntries(notebook)).toHaveLength(entries.length + 1);
});

test('a line that goes by an own movement has its name, reps, cues and pinned credits', () => {
  const started = startingLine(entryIn(notebook, 'own-low')!, schools.evidence, 'l');
  expect(started.own).toBe('own-low');
  const s = session([], { blocks: [singleBlock('b', started)] });
  expect(sessionSchema.safeParse(s).success).toBe(true);
  const m = appraiseAtOnce(s, context).lines[0]!;
  expect(m.name).toBe('Low incline squeeze');
  expect(m.credits.pecUpper).toBe(0.8);
  expect(m.line.scheme).toMatchObject({ reps: { lo: 9 } });
  expect(m.max.basis).toBe(
    appraiseAtOnce(session([line('incline-dumbbell-press', {}, { benchDeg: 15 })]), context).lines[0]!.max
      .basis,
  );
});

test('without the notebook the line is what it was made from', () => {
  const started = startingLine(entryIn(notebook, 'own-low')!, schools.evidence, 'l');
  const m = appraiseAtOnce(session([], { blocks: [singleBlock('b', started)] }), sampleContext).lines[0]!;
  expect(m.name).toBe('Incline dumbbell press');
  expect(m.credits.pecUpper).not.toBe(0.8);
});

test('typing its name finds it', () => {
  const typed = readTypedLine('low squeeze 3x10', 'kg', offeredEntries(notebook));
  expect(typed.entry?.id).toBe('own-low');
  expect(lineFromTyped(typed, schools.evidence, 'x')!.own).toBe('own-low');
});

test('cues: the line speaks first, then this client, then the coach, then the catalogue', () => {
  const s = session([line('incline-dumbbell-press')]);
  const cues = (c: typeof context): string[] =>
    makeSheet(s, appraiseAtOnce(s, c), c).blocks[0]!.lines[0]!.cues;
  expect(cues(context)).toEqual(cueList(teachingOf(base.movement, base.rig).cues).slice(0, 3));
  const mine = { ...context, notebook: { ...notebook, cues: { 'incline-dumbbell-press': ['Mine'] } } };
  expect(cues(mine)).toEqual(['Mine']);
  const theirs = { ...mine, client: { ...mine.client, cues: { 'incline-dumbbell-press': ['Theirs'] } } };
  expect(cues(theirs)).toEqual(['Theirs']);
  const spoken = session([line('incline-dumbbell-press', { cues: ['Said'] })]);
  expect(makeSheet(spoken, appraiseAtOnce(spoken, theirs), theirs).blocks[0]!.lines[0]!.cues).toEqual([
    'Said',
  ]);
});

test.each([
  ['a movement nobody has', { ...own, movement: 'no-such' }],
  ['no name', { ...own, name: '' }],
  ['reps the wrong way round', { ...own, homeReps: { lo: 12, hi: 8 } }],
  ['a credit above one', { ...own, pins: { pecUpper: 1.4 } }],
  ['no cue for the path', { ...own, cues: { ...own.cues, path: [] } }],
])('a notebook with %s is refused', (_, wrong) => {
  expect(notebookSchema.safeParse({ ...notebook, own: [wrong] }).success).toBe(false);
});

test('a credit pinned on a line counts there and nowhere else', () => {
  const s = session([
    line('incline-dumbbell-press', { pins: { pecUpper: 0.5, serratus: 0.25 } }),
    line('incline-dumbbell-press', { id: 'other' }),
  ]);
  const [pinned, plain] = appraiseAtOnce(s, sampleContext).lines;
  expect(pinned!.credits).toMatchObject({ pecUpper: 0.5, serratus: 0.25 });
  expect(plain!.credits.pecUpper).toBe(1);
  expect(plain!.credits.serratus).toBeUndefined();
});
