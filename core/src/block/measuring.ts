import { groupCredit, type GroupId, groupIds, noGroups, type RegionId, regionIds } from '../anatomy';
import { elsewhere } from '../choosing';
import { isHard } from '../dose';
import { clientSlope, type Context, expectedSlope, lineMovement, measure, type Measured } from '../measure';
import { type School, schoolOf, shareOf } from '../schools';
import { applyEdit, type Session } from '../session';
import { ahead, type Ahead } from '../strength';
import { daysAfter, daysBetween } from '../units';
import { MOST_WEEKS, phaseAt, weeksOf, type TrainingBlock, type WeekRule } from './document';
import { difficultyOf, difficultyOfShort } from './difficulty';
import { carryOn, withCarried, type Carried, type Verdict } from './double';
import type { BlockContext, MeasuredBlock, MeasuredDay, MeasuredWeek } from './model';
import { placed, type PlacedDay } from './placing';
import { partOf, reserveLeft, type ShortWork } from './short-day';
import { keepsWeekdays } from './splits';
import { asked, dressedFor, rotationsBy } from './weekly';

type Groups = Record<GroupId, number>;
type Regions = Record<RegionId, number>;

const noRegions = (): Regions => Object.fromEntries(regionIds.map((r) => [r, 0])) as Regions;

/** What a day in short form gives, counted as sets of sessions are. */
function doseOfShort(work: readonly ShortWork[], { counting }: School): { groups: Groups; regions: Regions } {
  const groups = noGroups();
  const regions = noRegions();
  for (const { part, sets, hard } of work) {
    if (!isHard(reserveLeft[hard], counting.hardReserve)) continue;
    const { credits } = partOf(part);
    for (const g of groupIds) groups[g] += sets * groupCredit(credits, g);
    for (const r of regionIds) regions[r] += sets * (credits[r] ?? 0);
  }
  return { groups, regions };
}

/** Contexts of the days of a block: today's max carried to each of them. */
class Days {
  private readonly slopes = new Map<string, { slope: number; vSlope: number }>();
  private readonly contexts = new Map<string, Context>();

  constructor(private readonly o: BlockContext) {}

  private slopeOf(base: Context, movement: Parameters<NonNullable<Context['ahead']>>[0], rig: object) {
    const key = movement.id;
    let known = this.slopes.get(key);
    if (!known) {
      const expected = expectedSlope[this.o.client.trainingAge];
      known = clientSlope(movement, rig, base) ?? { slope: expected.slope, vSlope: expected.spread ** 2 };
      this.slopes.set(key, known);
    }
    return known;
  }

  /** The context of a day: as it will be, or as it was. */
  of(date: string, kitId: string): Context {
    const key = `${date} ${kitId}`;
    let context = this.contexts.get(key);
    if (!context) this.contexts.set(key, (context = this.made(date, kitId)));
    return context;
  }

  private made(date: string, kitId: string): Context {
    const { client, kits, notebook, schools, todayIso } = this.o;
    const kit = kits[kitId] ?? kits[client.kitId]!;
    const past = date < todayIso;
    const logged = past ? this.o.logged.filter((r) => r.date < date) : this.o.logged;
    const base: Context = {
      client,
      kit,
      ...(notebook ? { notebook } : {}),
      ...(schools ? { schools } : {}),
      logged,
      todayIso: past ? date : todayIso,
    };
    const weeks = daysBetween(todayIso, date) / 7;
    if (weeks <= 0) return base;
    const known = new Map<string, Ahead>();
    return {
      ...base,
      ahead: (movement, rig) => {
        let then = known.get(movement.id);
        if (!then) known.set(movement.id, (then = ahead(this.slopeOf(base, movement, rig), weeks)));
        return then;
      },
    };
  }
}

/** What is carried from day to day of one training day. */
interface Line {
  carried: Carried;
  /** The session before any week asks something of it, by what it is dressed in. */
  bases: Map<string, Measured>;
}

/** A planned day's session as its week has it, and what its loads lead to. */
export interface Planned {
  measured: Measured;
  verdicts: Map<string, Verdict>;
}

class Measuring {
  readonly school: School;
  private readonly days: Days;
  private readonly running = new Map<string, Line>();
  readonly verdicts = new Map<number, Map<string, Verdict>>();

  constructor(
    private readonly block: TrainingBlock,
    private readonly o: BlockContext,
  ) {
    this.school = schoolOf(block.school, o.schools);
    this.days = new Days(o);
  }

  /** A session in the gym of that day: what cannot be done there is swapped for what does its job. */
  private in(session: Session, kitId: string, there: Context): Session {
    if (kitId === session.kitId || !this.o.kits[kitId]) return session;
    return applyEdit(session, elsewhere(session, there, kitId, there.kit));
  }

  private planned(p: PlacedDay, id: string, session: Session): Measured {
    const { block, o } = this;
    const kitId = p.kitId ?? session.kitId;
    const { phase } = phaseAt(block, p.week);
    const rotations = rotationsBy(block, id, p.week);
    let line = this.running.get(id);
    if (!line) this.running.set(id, (line = { carried: new Map(), bases: new Map() }));
    const key = `${kitId} ${phase.aim} ${phase.reps} ${[...rotations.values()].map((r) => `${r.line}@${r.fromWeek}`).join(' ')}`;
    let base = line.bases.get(key);
    if (!base) {
      const today = this.days.of(o.todayIso, kitId);
      const dressed = dressedFor(
        this.in(session, kitId, today),
        rotations,
        phase,
        (l) => lineMovement(l, today).compound,
      );
      line.bases.set(key, (base = measure(dressed, today)));
    }
    const rule = block.weeks[p.week]!;
    const ladder = (of: string): number | null => {
      const found = block.ladders.find((l) => l.session === id && l.line === of);
      return found ? found.sets[Math.min(p.week, found.sets.length - 1)]! : null;
    };
    const isLight = rule.light || p.light;
    const plan = asked(base, rule, ladder, p.light, (of) => line.carried.get(of)?.kg ?? null);
    const context = this.days.of(p.date, kitId);
    const measured = measure(block.double && !isLight ? withCarried(plan, line.carried) : plan, context);
    if (block.double && !isLight) this.verdicts.set(p.day, carryOn(measured, plan, line.carried));
    return measured;
  }

  private day(p: PlacedDay): MeasuredDay {
    const training = this.block.days.find((d) => d.id === p.training)!;
    const none = {
      measured: null,
      isMissing: false,
      groups: noGroups(),
      regions: noRegions(),
      minutes: null,
    };
    const { does } = training;
    if (p.state === 'left out')
      return { placed: p, training, ...none, difficulty: { sum: 0, name: 'light', terms: [] } };
    if (does.is === 'short' && p.session === null)
      return {
        placed: p,
        training,
        ...none,
        ...doseOfShort(does.work, this.school),
        difficulty: difficultyOfShort(does.work),
      };
    const id = p.session ?? (does.is === 'session' ? does.session : '');
    const session = this.o.sessions[id];
    if (!session)
      return {
        placed: p,
        training,
        ...none,
        isMissing: true,
        difficulty: { sum: 0, name: 'light', terms: [] },
      };
    const measured =
      p.session !== null
        ? measure(session, this.days.of(p.date, session.kitId))
        : this.planned(p, id, session);
    return {
      placed: p,
      training,
      measured,
      isMissing: false,
      groups: Object.fromEntries(groupIds.map((g) => [g, measured.dose.groups[g].fractional])) as Groups,
      regions: Object.fromEntries(regionIds.map((r) => [r, measured.dose.regions[r].fractional])) as Regions,
      minutes: measured.timeline.totalS / 60,
      difficulty: difficultyOf(measured),
    };
  }

  private week(at: number, days: readonly MeasuredDay[]): MeasuredWeek {
    const { block } = this;
    const from = daysAfter(block.startsOn, 7 * at);
    const to = daysAfter(from, 6);
    const here = days.filter((d) => d.placed.date >= from && d.placed.date <= to);
    const groups = noGroups();
    const regions = noRegions();
    // A pattern that drifts gives a calendar week one day more or less: it counts by what a cycle comes to in seven days,
    // also where all of it comes later. Where single days were put elsewhere, and where all is done, it is what lies in it.
    const open = here.filter((d) => d.placed.state === 'planned');
    const late = new Set(open.map(({ placed: p }) => daysBetween(p.planned, p.date)));
    const drifts =
      !keepsWeekdays(block.pattern) && late.size === 1 && here.every((d) => d.placed.state !== 'left out');
    const add = (d: MeasuredDay, share: number): void => {
      for (const g of groupIds) groups[g] += d.groups[g] * share;
      for (const r of regionIds) regions[r] += d.regions[r] * share;
    };
    if (drifts) for (const [d, share] of this.cycle(at, here, days)) add(d, share);
    else for (const d of here) add(d, 1);
    return {
      week: at,
      from,
      rule: block.weeks[Math.min(at, block.weeks.length - 1)]!,
      days: here,
      groups,
      regions,
      isDone: here.length > 0 && here.every((d) => d.placed.state === 'done'),
    };
  }

  /** Each training day of the pattern with how often it comes in seven days; as this week has it, or the nearest that does. */
  private cycle(
    at: number,
    here: readonly MeasuredDay[],
    days: readonly MeasuredDay[],
  ): [MeasuredDay, number][] {
    const { pattern, weeks } = this.block;
    const ruleOf = (week: number): WeekRule => weeks[Math.min(week, weeks.length - 1)]!;
    const often = new Map<string, number>();
    for (const entry of pattern)
      for (const id of entry) often.set(id, (often.get(id) ?? 0) + 7 / (pattern.length * entry.length));
    return [...often].flatMap(([id, share]): [MeasuredDay, number][] => {
      const like = (d: MeasuredDay): boolean => d.training.id === id && d.placed.state !== 'left out';
      const { light } = ruleOf(at);
      const far = ({ placed: p }: MeasuredDay): number =>
        Math.abs(p.week - at) + ((p.light || ruleOf(p.week).light) === light ? 0 : MOST_WEEKS);
      const found = here.find(like) ?? days.filter(like).sort((a, b) => far(a) - far(b))[0];
      return found ? [[found, share]] : [];
    });
  }

  one(p: PlacedDay): Measured | null {
    return this.day(p).measured;
  }

  weeks(days: readonly PlacedDay[]): MeasuredWeek[] {
    const measured = days.map((p) => this.day(p));
    const last = days.at(-1)?.date ?? this.block.startsOn;
    const count = Math.max(weeksOf(this.block), Math.floor(daysBetween(this.block.startsOn, last) / 7) + 1);
    return Array.from({ length: count }, (_, at) => this.week(at, measured));
  }
}

/** A block measured: every day with its session as its week has it, every week with what it gives. */
export function measureBlock(
  block: TrainingBlock,
  context: BlockContext,
): MeasuredBlock & { verdicts: ReadonlyMap<number, Map<string, Verdict>> } {
  const measuring = new Measuring(block, context);
  const days = placed(block);
  return {
    block,
    context,
    school: measuring.school,
    share: shareOf(measuring.school, context.client.trainingAge),
    days,
    weeks: measuring.weeks(days),
    verdicts: measuring.verdicts,
  };
}

/** One day of a block by itself, as its week has it; null where it has no session. */
export const measureDay = (block: TrainingBlock, context: BlockContext, p: PlacedDay): Measured | null =>
  new Measuring(block, context).one(p);
