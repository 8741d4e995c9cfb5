import { goneId } from './notebook';
import fc from 'fast-check';
import { findEntry } from './catalogue';
import { emptyNotebook, notebookSchema, type Notebook, type OwnMovement } from './notebook';
import { ownFrom } from './teaching/own-from';
import {
  bringKeptBack,
  deleteKept,
  keepOwn,
  keepTemplate,
  setCues,
  setOffered,
  type NotebookChange,
} from './notebook-changes';

const own = (id: string, name = id): OwnMovement => ({
  ...ownFrom(findEntry('incline-dumbbell-press')!, { benchDeg: 15 }, id),
  name,
});
const template = (id: string) => ({ id, name: `Push of ${id}`, keptOn: '2026-11-02', session: {} });
const after = (...changes: NotebookChange[]): Notebook =>
  changes.reduce((notebook, change) => change(notebook), emptyNotebook);

test('an own movement that is kept again takes its own place; a new one comes last', () => {
  const { own: list } = after(keepOwn(own('a')), keepOwn(own('b')), keepOwn(own('a', 'Renamed')));
  expect(list.map(({ id, name }) => [id, name])).toEqual([
    ['a', 'Renamed'],
    ['b', 'b'],
  ]);
});

test('what is deleted is out of its list and comes back as it was', () => {
  const full = after(keepOwn(own('a')), keepTemplate(template('t')));
  for (const id of ['a', 't']) {
    const without = deleteKept(id, '2026-11-20')(full);
    expect(without.own.length + without.templates.length).toBe(1);
    expect(without.deleted.map((gone) => [goneId(gone), gone.on])).toEqual([[id, '2026-11-20']]);
    expect(bringKeptBack(id)(without)).toEqual(full);
  }
});

test('deleting or bringing back what is not there changes nothing', () => {
  const full = after(keepOwn(own('a')));
  expect(deleteKept('nobody', '2026-11-20')(full)).toBe(full);
  expect(bringKeptBack('a')(full)).toBe(full);
});

test('thirty days after its day a thing can come back; on the thirty-first it is forgotten by the next deletion', () => {
  const keptOn = (day: string): string[] =>
    after(
      keepOwn(own('old')),
      keepOwn(own('new')),
      deleteKept('old', '2026-10-01'),
      deleteKept('new', day),
    ).deleted.map(goneId);
  expect(keptOn('2026-10-31')).toEqual(['new', 'old']);
  expect(keptOn('2026-11-01')).toEqual(['new']);
});

test('a name is out of sight or asked for, never both', () => {
  const hidden = after(setOffered('pullover', true), setOffered('pullover', false));
  expect([hidden.hidden, hidden.shown]).toEqual([['pullover'], []]);
  const back = setOffered('pullover', true)(setOffered('pullover', false)(hidden));
  expect([back.hidden, back.shown]).toEqual([[], ['pullover']]);
});

test('cues are laid down for one name; none at all takes them back', () => {
  const cued = after(setCues('dip', ['Lean in']), setCues('pullover', ['Ribs down', 'Reach']));
  expect(cued.cues).toEqual({ dip: ['Lean in'], pullover: ['Ribs down', 'Reach'] });
  expect(setCues('dip', null)(cued).cues).toEqual({ pullover: ['Ribs down', 'Reach'] });
  expect(setCues('pullover', [])(cued).cues).toEqual({ dip: ['Lean in'] });
});

test('whatever is done in whatever order, the notebook stays sound and an id stands in one place', () => {
  const ids = fc.constantFrom('a', 'b', 'c');
  const days = fc.constantFrom('2026-10-01', '2026-10-20', '2026-11-24');
  const change = fc.oneof(
    ids.map((id) => keepOwn(own(id))),
    fc.tuple(ids, days).map(([id, day]) => deleteKept(id, day)),
    ids.map((id) => bringKeptBack(id)),
    fc.tuple(ids, fc.boolean()).map(([id, offered]) => setOffered(id, offered)),
    ids.map((id) => setCues(id, ['Press'])),
  );
  fc.assert(
    fc.property(fc.array(change, { maxLength: 30 }), (changes) => {
      const notebook = after(...changes);
      expect(notebookSchema.safeParse(notebook).error).toBeUndefined();
      for (const list of [notebook.own.map((o) => o.id), notebook.deleted.map(goneId)])
        expect(new Set(list).size).toBe(list.length);
    }),
    { numRuns: 200 },
  );
});
