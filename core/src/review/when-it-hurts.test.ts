import { kindnessOf } from '../choosing/kindness';
import { doingOf, metBy } from '../choosing/limits';
import { sampleClient, sampleContext, session } from '../examples/samples';
import type { Context } from '../measure/context';
import { measure } from '../measure/measure';
import { entries } from '../movements/catalogue';
import type { Entry } from '../movements/model';
import { schools } from '../schools/schools';
import { startingLine } from '../schools/starting-line';
import { limitIds, type Client, type LimitId } from '../session/client';
import { applyEdit } from '../session/edits';
import { asRun, floorEditsOf } from '../session/as-run';
import { sessionSchema } from '../session/document';
import { movedShare } from '../strength/ratios';
import { review } from './review';
import { whenItHurts, type KinderOffer } from './when-it-hurts';

/** Five people: the sample, somebody new, somebody strong, somebody who minds another joint already, and nobody's lift known. */
const people: Record<string, Client> = {
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

const isWide = process.env.DRIMBO_SEARCH !== undefined;
const SHARE = 8;

const work = entries.filter((e) => e.movement.family !== 'preparation' && e.movement.family !== 'corrective');

function offersFor(entry: Entry, client: Client, limit: LimitId) {
  const context: Context = { ...sampleContext, client, logged: [] };
  const line = { ...startingLine(entry, schools.evidence, 'line'), rig: entry.rig };
  const planned = session([line]);
  const measured = measure(planned, context);
  const m = measured.lines[0]!;
  const kg = m.sets[0]?.kg ?? null;
  return { measured, m, kg, planned, offers: whenItHurts(measured, 'line', limit, kg) };
}

/** Everything that is wrong with an offer, in words. */
function wrongWith(
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

test.each(Object.keys(people))(
  'every movement, every complaint, %s: each offer is kinder, lighter and safe',
  (name) => {
    const client = people[name]!;
    const wrong: string[] = [];
    let offered = 0;
    const from = Object.keys(people).indexOf(name);
    for (const [i, entry] of work.entries())
      for (const [j, limit] of limitIds.entries()) {
        // All of them by the wide search; here each person has their share.
        if (!isWide && (i + j * 3 + from) % SHARE !== 0) continue;
        const found = offersFor(entry, client, limit);
        const { offers } = found;
        offered += offers.length;
        const order = offers.map((o) => (o.is === 'movement' ? 1 : 0));
        if (order.some((x, i) => i > 0 && x < order[i - 1]!))
          wrong.push(`${entry.id}, ${limit}: another movement first`);
        for (const o of offers)
          for (const w of wrongWith(o, found, limit))
            wrong.push(`${entry.id}, ${limit}: ${o.name} (${o.says}): ${w}`);
      }
    expect(wrong.slice(0, 10)).toEqual([]);
    expect(offered).toBeGreaterThan(20);
  },
);
