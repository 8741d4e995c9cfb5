import { doingOf, kindnessOf, metBy } from '../choosing';
import { sampleClient, sampleContext, session } from '../examples';
import { type Context, measure } from '../measure';
import { entries, type Entry } from '../movements';
import { schools, startingLine } from '../schools';
import {
  applyEdit,
  asRun,
  type Client,
  floorEditsOf,
  type LimitId,
  limitIds,
  sessionSchema,
} from '../session';
import { movedShare } from '../strength';
import { type KinderOffer, review, whenItHurts } from '../review';

/** Five people: the sample, somebody new, somebody strong, somebody who minds another joint already, and nobody's lift known. */
export const people: Record<string, Client> = {
  ordinary: sampleClient,
  'in the first year': { ...sampleClient, trainingAge: 'under 1 year' },
  strong: {
    ...sampleClient,
    trainingAge: 'over 3 years',
    tests: sampleClient.tests.map((t) => ({ ...t, loadKg: t.loadKg * 1.6 })),
  },
  'minding the lower back': { ...sampleClient, limits: [{ limit: 'lower back', note: '' }] },
  unknown: { ...sampleClient, tests: [] },
};

/** What is offered something for: all that is work. */
export const work = entries.filter(
  (e) => e.movement.family !== 'preparation' && e.movement.family !== 'corrective',
);

/** What is offered to somebody for a complaint in a movement as it is usually done. */
export function offersFor(entry: Entry, client: Client, limit: LimitId) {
  const context: Context = { ...sampleContext, client, logged: [] };
  const line = { ...startingLine(entry, schools.evidence, 'line'), rig: entry.rig };
  const planned = session([line]);
  const measured = measure(planned, context);
  const m = measured.lines[0]!;
  const kg = m.sets[0]?.kg ?? null;
  return { measured, m, kg, planned, offers: whenItHurts(measured, 'line', limit, kg) };
}

/** Everything that is wrong with an offer, in words. */
export function wrongWith(
  o: KinderOffer,
  { measured, m, kg, planned }: ReturnType<typeof offersFor>,
  limit: LimitId,
): string[] {
  const { context } = measured;
  const after = measure(applyEdit(planned, o.edit), context);
  const then = after.lines[0]!;
  const wrong: string[] = [];
  const avoided = (x: typeof m, of: LimitId): number =>
    metBy(x.movement, x.rig, of, doingOf(x.line)).filter((c) => !c.isNote).length;
  for (const of of [limit, ...context.client.limits.map((l) => l.limit)])
    if (avoided(then, of) > 0) wrong.push(`the table warns of it: ${of}`);
  const [a, b] = [m, then].map((x) => kindnessOf(x.movement, x.rig, [limit], doingOf(x.line)));
  if (!(a!.avoids > 0 || b!.notes < a!.notes || b!.prefers > a!.prefers))
    wrong.push('not kinder by the table');
  const stops = (s: typeof measured): string[] =>
    review(s)
      .filter((f) => f.severity === 'stop')
      .map((f) => f.key);
  if (stops(after).some((key) => !stops(measured).includes(key))) wrong.push('brings a stop');
  if (then.movement.id !== m.movement.id) {
    if (then.movement.family !== m.movement.family) wrong.push('of another family');
    if (['barbell', 'curl bar', 'guided bar'].includes(then.movement.implement)) wrong.push('a bar');
  }
  const body = (x: typeof m): number => movedShare(x.movement, x.rig) * context.client.massKg;
  const asItWouldBe = measure(
    applyEdit(planned, { do: 'all', edits: [o.edit, { do: 'line', line: 'line', patch: { loadKg: null } }] }),
    context,
  ).lines[0]!.sets[0]!.kg;
  const own = then.sets[0]!.kg;
  const before = then.movement.id === m.movement.id ? kg : asItWouldBe;
  if (then.movement.load.kind !== 'none' && before !== null && own !== null)
    if (own + body(then) > (before + body(then.movement.id === m.movement.id ? m : then)) * 0.94)
      wrong.push(`no lighter: ${own} for ${before}`);
  const run = asRun({
    ...planned,
    changes: [{ is: 'edits', id: 'change', edits: floorEditsOf(o.edit), swap: null, why: '' }],
  });
  if (!sessionSchema.safeParse(run).success) wrong.push('no session comes of it');
  if (JSON.stringify(measure(run, context).lines[0]!.rig) !== JSON.stringify(then.rig))
    wrong.push('another on the floor');
  return wrong;
}

/** Everything that is wrong in what one person is offered for a complaint; nothing where all of it holds. */
export function wrongFor(name: string, entry: Entry, limit: LimitId): string[] {
  const found = offersFor(entry, people[name]!, limit);
  const order = found.offers.map((o) => (o.is === 'movement' ? 1 : 0));
  const isOutOfOrder = order.some((x, i) => i > 0 && x < order[i - 1]!);
  const told = (o: KinderOffer, w: string): string =>
    `${name}, ${entry.id}, ${limit}: ${o.name} (${o.says}): ${w}`;
  return [
    ...(isOutOfOrder ? [`${name}, ${entry.id}, ${limit}: another movement first`] : []),
    ...found.offers.flatMap((o) => wrongWith(o, found, limit).map((w) => told(o, w))),
  ];
}

/** Prints every movement × complaint with what the sample client is offered, and everything that is wrong for anybody. */
export function printWalk(of: string, say: (text: string) => void): boolean {
  for (const entry of work)
    for (const limit of limitIds) {
      const { m, kg, offers } = offersFor(entry, sampleClient, limit);
      if (of !== '' && !`${entry.name} ${limit}`.toLowerCase().includes(of)) continue;
      const said = offers.map((o) => `${o.name} (${o.says})`).join('; ') || 'leave it out';
      say(`${m.name}, ${m.detail}, ${kg ?? '?'} kg | ${limit}: ${said}\n`);
    }
  const wrong = Object.keys(people).flatMap((name) =>
    work.flatMap((entry) => limitIds.flatMap((limit) => wrongFor(name, entry, limit))),
  );
  for (const w of wrong) say(`WRONG ${w}\n`);
  return wrong.length === 0;
}
