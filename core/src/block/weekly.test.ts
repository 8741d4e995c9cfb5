import fc from 'fast-check';
import { groupIds } from '../anatomy';
import { measure } from '../measure';
import { appraiseBlock } from './appraise-block';
import { applyChange } from './changes';
import { trainingBlockSchema, type LifeEvent, type TrainingBlock, type WeekRule } from './document';
import { findingsOf } from './judging';
import { frozenSession, madeOf } from './making';
import { measureBlock, measureDay } from './measuring';
import { blockContext, chestFirst, sampleBlock, sound } from './pages';
import { placed } from './placing';
import { proposedRotations } from './rotating';
import { setsShared } from '../choosing';
import { sampleContext, sampleKit } from '../examples';
import { linesOf, setCountOf } from '../session';
import type { LiftRecord } from '../strength';

const plain: WeekRule = { sets: 0, reserve: 0, light: false };
const weeks = (...rules: Partial<WeekRule>[]): WeekRule[] => rules.map((r) => ({ ...plain, ...r }));
const blockOf = (rules: WeekRule[], patch: Partial<TrainingBlock> = {}): TrainingBlock =>
  sampleBlock(rules.length, { weeks: rules, ...patch });
const context = blockContext(sound);

/** The bench day of each week as the block has it. */
const benchDays = (block: TrainingBlock, of = context) =>
  measureBlock(block, of)
    .weeks.flatMap((w) => w.days)
    .filter((d) => d.training.id === 'push-a');
const setsOf = (block: TrainingBlock) =>
  benchDays(block).map((d) => linesOf(d.measured!.session).reduce((n, l) => n + setCountOf(l.scheme), 0));

test('sets rise by as many as the week says, spread over movements; reserve falls on each', () => {
  const block = blockOf(weeks({}, { sets: 1 }, { sets: 3, reserve: -1 }));
  expect(setsOf(block)).toEqual([18, 19, 21]);
  const third = linesOf(benchDays(block)[2]!.measured!.session);
  for (const line of third) {
    const before = linesOf(chestFirst).find((l) => l.id === line.id)!;
    expect(line.reserve).toEqual({
      first: before.reserve.first - 1,
      last: Math.max(0, before.reserve.last - 1),
    });
    expect(setCountOf(line.scheme) - setCountOf(before.scheme)).toBeLessThanOrEqual(2);
  }
});

test('a lighter week says once that it is lighter: six tenths of the sets, two more left, five to fifteen per cent off', () => {
  const block = blockOf(weeks({}, { light: true, sets: 3, reserve: -2 }, {}));
  const [usual, light, after] = benchDays(block).map((d) => d.measured!);
  expect(light!.isLight).toBe(true);
  usual!.lines.forEach((m, i) => {
    const l = light!.lines[i]!;
    expect(setCountOf(l.line.scheme)).toBe(Math.round(setCountOf(m.line.scheme) * 0.6));
    expect(l.line.reserve.first).toBe(m.line.reserve.first + 2);
    const [was, now] = [m.sets[0]!.kg, l.sets[0]!.kg];
    if (was === null) return;
    expect(now! / was).toBeLessThanOrEqual(0.95);
    expect(now! / was).toBeGreaterThanOrEqual(0.84);
    expect(l.step).toBe('lighter week');
    // The week after goes on from the load before it.
    expect(after!.lines[i]!.sets[0]!.kg).toBeGreaterThanOrEqual(was);
  });
});

test('a ladder says the sets of one movement by the week, in place of what the weeks add', () => {
  const ladders = [{ session: 'a', line: 'barbell-bench-press', sets: [3, 3, 4, 5] }];
  const block = blockOf(weeks({}, {}, {}, { sets: 2 }), { ladders });
  expect(benchDays(block).map((d) => setCountOf(linesOf(d.measured!.session)[0]!.scheme))).toEqual([
    3, 3, 4, 5,
  ]);
});

test('mending the session mends the weeks that are not done; a done week stays as it was', () => {
  const block = blockOf(weeks({}, {}, {}));
  const first = placed(block).find((p) => p.training === 'push-a')!;
  const was = frozenSession(measureDay(block, context, first)!, first.date, new Map());
  const done = { ...block, ...madeOf(block, first, 'done-1', first.date).block };
  const later = { ...context, sessions: { ...context.sessions, 'done-1': was }, todayIso: '2026-12-03' };
  const before = benchDays(done, later).map((d) => d.measured!.session);
  const mended = applyChange(done, later.sessions, {
    block: {},
    sessions: [{ id: 'a', edit: { do: 'remove line', line: 'cable-fly-high-to-low' } }],
  });
  const after = benchDays(mended.block, { ...later, sessions: mended.sessions }).map(
    (d) => d.measured!.session,
  );
  expect(after[0]).toEqual(before[0]);
  expect(after.map((s) => s.blocks.length)).toEqual([5, 4, 4]);
});

test('whatever is done to the rest of a block, a done day is measured the same', () => {
  const block = blockOf(weeks({}, {}, {}, {}));
  const first = placed(block).find((p) => p.training === 'push-a')!;
  const was = frozenSession(measureDay(block, context, first)!, first.date, new Map());
  const done = { ...block, ...madeOf(block, first, 'done-1', first.date).block };
  const of = { ...context, sessions: { ...context.sessions, 'done-1': was }, todayIso: '2026-12-10' };
  const loads = (b: TrainingBlock) =>
    benchDays(b, of)[0]!.measured!.lines.map((m) => m.sets.map((s) => s.kg));
  const rule = fc.record({
    sets: fc.integer({ min: -3, max: 5 }),
    reserve: fc.integer({ min: -2, max: 2 }),
    light: fc.boolean(),
  });
  fc.assert(
    fc.property(fc.array(rule, { minLength: 4, maxLength: 4 }), (rules) => {
      expect(loads({ ...done, weeks: rules })).toEqual(loads(done));
    }),
    { numRuns: 12 },
  );
});

test('loads ahead go up by a step or two of this kit, within a tenth, and never to and fro', () => {
  const logged: LiftRecord[] = Array.from({ length: 10 }, (_, i) => ({
    movement: 'barbell-press',
    rig: {},
    date: `2026-1${i < 5 ? 0 : 1}-${String(10 + i).padStart(2, '0')}`,
    loadKg: 80 + i * 2.5,
    reps: 6,
    reserve: 1,
    kind: 'set',
  }));
  const of = { ...blockContext(sound, { trainingAge: 'under 1 year' }), logged };
  const loads = benchDays(blockOf(Array.from({ length: 12 }, () => plain)), of).map(
    (d) => d.measured!.lines[0]!.sets[0]!.kg!,
  );
  expect(loads.at(-1)!).toBeGreaterThan(loads[0]!);
  for (let i = 1; i < loads.length; i += 1) expect([0, 2.5, 5]).toContain(loads[i]! - loads[i - 1]!);
});

test('a forecast is never surer further ahead, for every movement of the block', () => {
  const of = { ...context, logged: [] };
  const { weeks: told } = appraiseBlock(blockOf(Array.from({ length: 10 }, () => plain)), of);
  const spreads = new Map<string, number[]>();
  for (const d of told.flatMap((w) => w.days))
    for (const l of d.lines)
      if (l.spread !== null)
        spreads.set(`${d.placed.training} ${l.id}`, [
          ...(spreads.get(`${d.placed.training} ${l.id}`) ?? []),
          l.spread,
        ]);
  expect(spreads.size).toBeGreaterThan(4);
  for (const list of spreads.values()) {
    expect(list).toHaveLength(10);
    for (let i = 1; i < list.length; i += 1) expect(list[i]!).toBeGreaterThan(list[i - 1]!);
  }
});

test('a movement changed from a week on is that from then on, under its own name and load', () => {
  const block = blockOf(weeks({}, {}, {}, {}, {}, {}, {}, {}), { rotateEvery: 3 });
  const proposals = proposedRotations(measureBlock(block, context));
  // Three weeks each and back again; none begins so late that it would be less.
  expect(proposals.filter((p) => p.session === 'a').map((p) => [p.fromWeek, p.backIn])).toEqual([[3, 6]]);
  expect(proposals.length).toBeGreaterThan(0);
  for (const p of proposals) expect(p.fromWeek).toBe(3);
  expect(new Set(proposals.map((p) => p.session)).size).toBe(proposals.length);
  const mine = proposals.find((p) => p.session === 'a')!;
  const turned = { ...block, rotations: [mine] };
  expect(trainingBlockSchema.safeParse(turned).error).toBe(undefined);
  const movements = benchDays(turned).map((d) => {
    const line = linesOf(d.measured!.session).find((l) => l.id === mine.line)!;
    return `${line.movement} ${line.rig.benchDeg ?? ''}`;
  });
  expect(new Set(movements.slice(0, 3)).size).toBe(1);
  expect(movements[3]).not.toBe(movements[0]);
  expect(new Set(movements.slice(3, 6)).size).toBe(1);
  expect(movements.slice(6)).toEqual([movements[0], movements[0]]);
  const late = { ...turned, rotations: [{ ...mine, backIn: mine.fromWeek }] };
  expect(trainingBlockSchema.safeParse(late).error?.issues[0]?.message).toBe(
    'a movement comes back after it was left',
  );
});

test('reps move to where a phase is at home only where the phase asks for it', () => {
  const reps = (asks: 'as written' | 'of the phase') => {
    const phases = [{ aim: 'strength' as const, goal: '', weeks: 1, reps: asks }];
    const [day] = benchDays(blockOf(weeks({}), { phases }));
    return linesOf(day!.measured!.session).map((l) =>
      l.scheme.kind === 'straight' ? `${l.scheme.reps.lo}–${l.scheme.reps.hi}` : '',
    );
  };
  expect(reps('as written').slice(0, 2)).toEqual(['5–8', '8–10']);
  expect(reps('of the phase').slice(0, 3)).toEqual(['3–6', '8–10', '9–12']);
});

test('in another gym the day is done with what is there', () => {
  const bare = {
    ...sampleKit,
    name: 'Bare',
    stacks: [],
    bars: [],
    plates: [],
    rack: { count: 0, safetyArms: false },
  };
  const life = [
    {
      id: 'e',
      what: 'other gym' as const,
      from: '2026-12-01',
      to: '2026-12-01',
      then: 'stay' as const,
      kitId: 'bare',
      note: '',
    },
  ];
  const [there, home] = benchDays(blockOf(weeks({}, {}), { life }), {
    ...context,
    kits: { hall: sampleKit, bare },
  });
  expect(there!.measured!.context.kit.name).toBe('Bare');
  for (const m of there!.measured!.lines) expect([m.name, m.missing]).toEqual([m.name, null]);
  expect(home!.measured!.lines[0]!.name).toBe('Barbell bench press');
});

test('sets that are added raise no group by more than there are, and taking them away leaves one of each', () => {
  const measured = measure(chestFirst, sampleContext);
  for (const count of [1, 4, -3, -40]) {
    const added = [...setsShared(measured, count).values()].reduce((a, b) => a + b, 0);
    expect(added).toBe(Math.max(count, measured.lines.length - 18));
  }
});

test('the sum of a week is the sum of its days; a drifting one counts what a cycle comes to in seven days', () => {
  const whole = measureBlock(blockOf(weeks({})), context).weeks[0]!;
  for (const g of groupIds)
    expect(whole.groups[g]).toBeCloseTo(
      whole.days.reduce((n, d) => n + d.groups[g], 0),
      9,
    );
  const drifting = measureBlock(
    blockOf(weeks({}, {}, {}, {}), { pattern: [['pull'], ['push-a'], ['legs'], []] }),
    context,
  );
  const push = drifting.weeks[0]!.days.find((d) => d.training.id === 'push-a')!;
  for (const w of drifting.weeks) expect(w.groups.chest).toBeCloseTo((push.groups.chest * 7) / 4, 6);
});

/** What the rules of a whole week say it lacks, by week. */
const lacking = (block: TrainingBlock, of = context) =>
  findingsOf(measureBlock(block, of)).filter(
    (f) =>
      ['week-lacks', 'pulling-against', 'no-rotation', 'week-under-band'].includes(f.rule) && f.on === null,
  );
const sick = (from: string, to: string, then: LifeEvent['then']): LifeEvent => ({
  id: 'e',
  what: 'sick',
  from,
  to,
  then,
  note: '',
});

test('a drifting block that comes later counts its cycle still, with no week that seems to lack a day', () => {
  const pattern = [['pull'], ['push-a'], ['legs'], [], ['pull'], ['push-b'], ['legs'], []];
  const straight = blockOf(weeks({}, {}, {}, {}), { pattern });
  const shifted = { ...straight, life: [sick('2026-12-02', '2026-12-04', 'move')] };
  const [before, after] = [straight, shifted].map((b) => measureBlock(b, context).weeks);
  for (const w of [1, 2, 3])
    for (const g of groupIds) expect(after![w]!.groups[g]).toBeCloseTo(before![w]!.groups[g], 6);
  const said = (b: TrainingBlock) => new Set(lacking(b).map((f) => f.key));
  expect([...said(shifted)].filter((key) => !said(straight).has(key))).toEqual([]);
});

test('a week that something took days from, and what is put off beyond the last week, lack nothing', () => {
  const block = blockOf(weeks({}, {}, {}));
  expect(lacking(block).flatMap((f) => f.weeks)).toEqual([]);
  for (const then of ['move', 'leave out', 'catch up', 'lighter'] as const) {
    const after = { ...block, life: [sick('2026-12-09', '2026-12-12', then)] };
    expect([then, lacking(after).map((f) => f.what)]).toEqual([then, []]);
  }
});
