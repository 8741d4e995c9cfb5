import { evidenceOf } from '@drimbo/core/log';
import { loggedSchema } from '@drimbo/core/strength';
import { seedDemo } from '../demo/seed';
import { loggedJson } from './logged';
import { setOf } from './sets';
import { today } from '../testing/app';
import { newHouse } from '../testing/folders';

test('what the database writes of a log is what evidence is made of each set', async () => {
  const { db, drop } = await newHouse();
  try {
    await seedDemo(db, new Date(`${today}T12:00:00Z`), 4);
    await db
      .updateTable('performed_sets')
      .set({ technique: 'broke', felt: 0, comfort: 0 })
      .where('set_index', '=', 2)
      .execute();
    for (const client of ['mirelle-vandoorn', 'tamsin-oyelo', 'nobody']) {
      const rows = await db
        .selectFrom('performed_sets')
        .selectAll()
        .where('client_id', '=', client)
        .where('reps', '>', 0)
        .orderBy('done_on', 'desc')
        .orderBy('set_index')
        .orderBy('id')
        .limit(400)
        .execute();
      const told = JSON.parse(await loggedJson(db, client)) as unknown[];
      for (const one of told) expect(loggedSchema.safeParse(one).error).toBe(undefined);
      const made = rows.flatMap((row) => evidenceOf(setOf(row)) ?? []);
      const sorted = (list: readonly unknown[]): string[] => list.map((x) => JSON.stringify(x)).sort();
      const inOrder = (list: readonly object[]): object[] =>
        list.map((x) => Object.fromEntries(Object.entries(x).sort(([a], [b]) => a.localeCompare(b))));
      expect(sorted(inOrder(told as object[]))).toEqual(sorted(inOrder(made)));
      expect((told as { date: string }[]).map((x) => x.date)).toEqual(made.map((x) => x.date));
    }
  } finally {
    await drop();
  }
});
