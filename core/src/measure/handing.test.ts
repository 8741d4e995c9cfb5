import { appraise } from '../appraise';
import { sampleClient, sampleKit, soundPush } from '../examples';
import { applyEdit, linesOf, type Session, sessionSchema, startedFor } from '../session';
import { handingOver } from './handing';

const kit = sampleKit;
const contextOf = (client = sampleClient) => ({ client, kit, todayIso: '2026-11-24', logged: [] });
/** The same client, whose every test is a tenth heavier: what a newer version, or a better day, may say. */
const stronger = {
  ...sampleClient,
  tests: sampleClient.tests.map((t) => ({ ...t, loadKg: t.loadKg * 1.1 })),
};
const loads = (session: Session, client = sampleClient): (number | null)[][] =>
  appraise(session, contextOf(client)).lines.map((m) => m.sets.map((s) => s.kg));
const given = (): Session => applyEdit(soundPush, handingOver(appraise(soundPush, contextOf())));

test('what was handed over holds, and what it would be today is told', () => {
  const session = given();
  expect(sessionSchema.safeParse(session).success).toBe(true);
  expect(session.status).toBe('handed over');
  expect(loads(session)).toEqual(loads(soundPush));
  expect(loads(soundPush, stronger)).not.toEqual(loads(soundPush));
  expect(loads(session, stronger)).toEqual(loads(soundPush));
  const { lines, findings } = appraise(session, contextOf(stronger));
  expect(lines.map((m) => m.sets.map((s) => s.todayKg ?? s.kg))).toEqual(loads(soundPush, stronger));
  const [first] = lines;
  const other = findings.find((f) => f.rule === 'load-was-another' && f.on.includes(first!.id));
  expect(other!.what).toContain(
    `was handed over at ${first!.sets[0]!.kg} kg each; today ${first!.sets[0]!.todayKg} kg each`,
  );
  const taken = applyEdit(session, other!.fixes[0]!.edit);
  expect(loads(taken, stronger)[0]).toEqual(loads(soundPush, stronger)[0]);
});

test('nothing is said where today says the same', () => {
  const { lines, findings } = appraise(given(), contextOf());
  expect(lines.flatMap((m) => m.sets).every((s) => s.todayKg === null)).toBe(true);
  expect(findings.map((f) => f.rule)).not.toContain('load-was-another');
});

test('a line that is changed, a draft again, another gym, a copy: loads of today', () => {
  const session = given();
  const handed = (s: Session): boolean[] => linesOf(s).map((l) => l.handed !== undefined);
  const all = handed(session);
  expect(all).toContain(true);
  const id = linesOf(session)[0]!.id;
  const change = (patch: object) => handed(applyEdit(session, { do: 'line', line: id, patch }));
  expect(change({ note: 'slowly' })).toEqual(all);
  expect(change({ loadKg: null, restS: linesOf(session)[0]!.restS })).toEqual(all);
  expect(change({ restS: 200 })).toEqual([false, ...all.slice(1)]);
  expect(change({ loadKg: 60 })).toEqual([false, ...all.slice(1)]);
  const head = (patch: object) => handed(applyEdit(session, { do: 'head', patch }));
  expect(head({ title: 'Other' })).toEqual(all);
  expect(head({ status: 'finished' })).toEqual(all);
  expect(head({ status: 'draft' })).not.toContain(true);
  expect(head({ kitId: 'other' })).not.toContain(true);
  expect(handed(startedFor(session, { id: session.clientId, client: sampleClient }, 'Copy'))).not.toContain(
    true,
  );
});

test('what the gym can no longer make is told of a load that was handed over too', () => {
  const session = given();
  const lighter = { ...kit, plates: [], dumbbells: [{ kg: 1, pairs: 1 }] };
  const { lines, findings } = appraise(session, { ...contextOf(), kit: lighter });
  const lost = lines.filter((m) => m.missing === null && m.sets.some((s) => !s.makeable));
  expect(lost.length).toBeGreaterThan(0);
  const told = findings.filter((f) => f.rule === 'load-not-makeable').flatMap((f) => f.on);
  expect(told).toEqual(expect.arrayContaining(lost.map((m) => m.id)));
});

test('a load of the coach’s own is not written down twice', () => {
  const own = applyEdit(soundPush, { do: 'line', line: linesOf(soundPush)[0]!.id, patch: { loadKg: 70 } });
  const session = applyEdit(own, handingOver(appraise(own, contextOf())));
  expect(linesOf(session)[0]!.handed).toBeUndefined();
  expect(loads(session, stronger)[0]).toEqual(loads(own)[0]);
});
