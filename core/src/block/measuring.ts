import { groupCredit, type GroupId, groupIds, noGroups, type RegionId, regionIds } from '../anatomy';
import { elsewhere } from '../choosing';
import { isHard } from '../dose';
import { type Context, lineMovement, measure, type Measured, rangeOf } from '../measure';
import { type School, schoolOf, shareOf } from '../schools';
import { applyEdit, type Session } from '../session';
import { type Run, runAfter, runKey } from '../set-model';
import { daysAfter, daysBetween } from '../units';
import { MOST_WEEKS, phaseAt, weeksOf, type TrainingBlock, type WeekRule } from './document';
import { difficultyOf, difficultyOfShort } from './difficulty';
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

/** Contexts of the days of a block: as it was known then, or as it is known today of a day ahead. */
class Days {
  private readonly contexts = new Map<string, Context>();

  constructor(private readonly o: BlockContext) {}

  of(date: string, kitId: string): Context {
    const key = `${date} ${kitId}`;
    let context = this.contexts.get(key);
    if (!context) this.contexts.set(key, (context = this.made(date, kitId)));
    return context;
  }

  private made(date: string, kitId: string): Context {
    const { client, kits, notebook, schools, todayIso, logged } = this.o;
    const isPast = date < todayIso;
    return {
      client,
      kit: kits[kitId] ?? kits[client.kitId]!,
      ...(notebook ? { notebook } : {}),
      ...(schools ? { schools } : {}),
      logged,
      ...(isPast ? { todayIso: date, isPast: true as const } : { todayIso }),
      ...(date > todayIso ? { onIso: date } : {}),
    };
  }
}

class Measuring {
  readonly school: School;
  private readonly days: Days;
  /** Each session before any week asks something of it, by what it is dressed in. */
  private readonly bases = new Map<string, Measured>();
  /** What the sessions of lifts come to, as the days ahead are expected to go. */
  private readonly runs = new Map<string, Run>();

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
    const key = `${id} ${kitId} ${phase.aim} ${phase.reps} ${[...rotations.values()].map((r) => `${r.line}@${r.fromWeek}`).join(' ')}`;
    let base = this.bases.get(key);
    if (!base) {
      const today = this.days.of(o.todayIso, kitId);
      const dressed = dressedFor(
        this.in(session, kitId, today),
        rotations,
        phase,
        (l) => lineMovement(l, today).compound,
      );
      this.bases.set(key, (base = measure(dressed, today)));
    }
    const rule = block.weeks[p.week]!;
    const ladder = (of: string): number | null => {
      const found = block.ladders.find((l) => l.session === id && l.line === of);
      return found ? found.sets[Math.min(p.week, found.sets.length - 1)]! : null;
    };
    const isLight = rule.light || p.light;
    const plan = asked(base, rule, ladder, p.light);
    const context: Context = {
      ...this.days.of(p.date, kitId),
      runs: new Map(this.runs),
      ...(isLight ? { isLight: true as const } : {}),
    };
    const measured = measure(plan, context);
    if (!isLight) this.goOn(measured);
    return measured;
  }

  /** Goes on with every lift of a day as it is expected to go. */
  private goOn({ lines }: Measured): void {
    for (const m of lines) {
      const sets = m.sets.filter((s) => s.kg !== null && s.expectedReps !== null && !s.target.volumeOnly);
      if (m.movement.prepares !== undefined || sets.length === 0) continue;
      const key = runKey(m.lift.lift.id, rangeOf(m.sets));
      const done = sets.map((s) => ({
        kg: s.kg!,
        reps: s.expectedReps!,
        lo: s.target.open ? 0 : s.target.reps.lo,
      }));
      this.runs.set(key, runAfter(m.run, done));
    }
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
export function measureBlock(block: TrainingBlock, context: BlockContext): MeasuredBlock {
  const measuring = new Measuring(block, context);
  const days = placed(block);
  return {
    block,
    context,
    school: measuring.school,
    share: shareOf(measuring.school, context.client.trainingAge),
    days,
    weeks: measuring.weeks(days),
  };
}

/** One day of a block by itself, as its week has it; null where it has no session. */
export const measureDay = (block: TrainingBlock, context: BlockContext, p: PlacedDay): Measured | null =>
  new Measuring(block, context).one(p);
