import { line, sampleClient, sampleContext, session } from '../examples';
import { measure } from '../measure';
import { entries, findEntry, variantOf } from '../movements';
import { remedied, review } from '../review';
import { applyEdit, limitIds, setCountOf } from '../session';
import { filterEntries } from './filters';
import { bringsUnkind, isKinder, kindTo, kindnessOf, mayHaveMore, turnWords } from './kindness';
import { cautionFor } from './limits';
import { setsShared } from './sets-shared';
import { sameJob } from './swaps';

test('an incline press is offered at 45° of tuck, not dropped for its usual 50°', () => {
  const incline = findEntry('incline-dumbbell-press')!;
  expect(cautionFor(incline.movement, incline.rig, 'shoulder front')).not.toBeNull();
  const kind = kindTo(incline, ['shoulder front'])!;
  expect([kind.entry.rig.tuckDeg, kind.turned, turnWords(incline.movement, kind.turned)]).toEqual([
    45,
    { tuckDeg: 45 },
    'tuck 45°',
  ]);
  expect(kind.entry.name).toBe(incline.name);
  const listed = filterEntries({
    text: '',
    region: 'pecUpper',
    family: null,
    hardWhere: null,
    kit: null,
    kindTo: 'shoulder front',
  }).find((e) => e.id === incline.id);
  expect(listed?.rig.tuckDeg).toBe(45);
});

test('what is kind keeps its name, meets nothing of the table, and is left as it is where it met nothing', () => {
  for (const entry of entries)
    for (const limit of limitIds) {
      const kind = kindTo(entry, [limit]);
      const met = cautionFor(entry.movement, entry.rig, limit);
      if (met === null) expect(kind?.entry).toBe(entry);
      if (!kind) continue;
      expect([entry.id, limit, cautionFor(kind.entry.movement, kind.entry.rig, limit)]).toEqual([
        entry.id,
        limit,
        null,
      ]);
      expect(variantOf(kind.entry.movement, kind.entry.rig).id).toBe(variantOf(entry.movement, entry.rig).id);
    }
  expect(kindTo(findEntry('chest-dip')!, ['shoulder front'])).toBeNull();
});

test.each([
  [{ avoids: 0, notes: 0, prefers: 0 }, { avoids: 1, notes: 0, prefers: 0 }, true],
  [{ avoids: 1, notes: 0, prefers: 5 }, { avoids: 2, notes: 0, prefers: 0 }, false],
  [{ avoids: 0, notes: 0, prefers: 1 }, { avoids: 0, notes: 0, prefers: 1 }, false],
  [{ avoids: 0, notes: 0, prefers: 2 }, { avoids: 0, notes: 0, prefers: 1 }, true],
  [{ avoids: 0, notes: 1, prefers: 2 }, { avoids: 0, notes: 0, prefers: 1 }, false],
  [{ avoids: 0, notes: 0, prefers: 0 }, { avoids: 0, notes: 1, prefers: 3 }, true],
])('%j beside %j: kinder %p', (then, now, is) => expect(isKinder(then, now)).toBe(is));

const sore = {
  ...sampleContext,
  client: { ...sampleClient, limits: [{ limit: 'shoulder front' as const, note: '' }] },
};

test('nothing the table warns of leads a list of swaps, whoever asks', () => {
  const [incline] = measure(session([line('incline-dumbbell-press', {}, { tuckDeg: 45 })]), sore).lines;
  for (const wish of [
    { other: null, kindTo: null },
    { other: 'kit', kindTo: null },
  ] as const) {
    const swaps = sameJob(incline!, sore, wish, 12);
    const met = swaps.map((s) =>
      Number(cautionFor(s.entry.movement, s.entry.rig, 'shoulder front') !== null),
    );
    expect(met).toEqual([...met].sort());
    expect(met[0]).toBe(0);
  }
});

test('more of what a limit speaks against is neither shared out, nor a remedy, nor brought by one', () => {
  const planned = session([
    line('chest-dip', { scheme: { kind: 'straight', sets: 2, reps: { lo: 8, hi: 10 } } }),
    line('cable-lateral-raise', { scheme: { kind: 'straight', sets: 2, reps: { lo: 12, hi: 15 } } }),
  ]);
  const measured = measure(planned, sore);
  const [dip, raise] = measured.lines;
  expect([mayHaveMore(dip!, sore.client), mayHaveMore(raise!, sore.client)]).toEqual([false, true]);
  expect([...setsShared(measured, 3).keys()]).toEqual([raise!.id]);
  const more = applyEdit(planned, {
    do: 'line',
    line: dip!.id,
    patch: { scheme: { kind: 'straight', sets: 3, reps: { lo: 8, hi: 10 } } },
  });
  expect([bringsUnkind(planned, more, sore.client), bringsUnkind(more, planned, sore.client)]).toEqual([
    true,
    false,
  ]);
  const findings = remedied(measured);
  expect(findings.length).toBe(review(measured).length);
  for (const { fixes } of findings)
    for (const { edit } of fixes) {
      const after = measure(applyEdit(planned, edit), sore);
      for (const m of after.lines) {
        const was = measured.lines.find((l) => l.id === m.id);
        const isMore =
          !was || was.movement !== m.movement || setCountOf(m.line.scheme) > setCountOf(was.line.scheme);
        if (isMore) expect(kindnessOf(m.movement, m.rig, ['shoulder front']).avoids).toBe(0);
      }
    }
});
