import { bringsUnkind } from '../choosing';
import { type GroupId, groupIds } from '../anatomy';
import { type Context, measure, type Measured, workingSets } from '../measure';
import { applyEdit, type Edit, type Session, sessionSchema } from '../session';
import { atOneGo } from '../units';
import type { Effect, Finding, Fix, FixDraft, Matter } from './model';
import { isSigned, sizeOf } from './signed';
import { loudness } from './loudness';
import { mattersOf } from './review';

/** Drafts that are tried for a session of one set. */
const MOST_TRIED = 15_000;
/**
 * Drafts that are tried at one go: some sixty for a session of forty sets, a handful for one of two hundred and
 * forty, of which each takes several times as long.
 */
const mostTried = (s: Measured): number => {
  const bouts = s.lines.reduce((n, m) => n + m.sets.length, 0);
  return MOST_TRIED / Math.max(1, bouts) ** 1.5;
};

/** Less of a hard set than this is no change of the dose. */
const LEAST_DOSE = 0.05;

function doseChange(before: Measured, after: Measured): Effect['dose'] {
  const changed: Partial<Record<GroupId, number>> = {};
  for (const group of groupIds) {
    const by = after.dose.groups[group].fractional - before.dose.groups[group].fractional;
    if (Math.abs(by) >= LEAST_DOSE) changed[group] = by;
  }
  return changed;
}

interface Tried {
  fix: Fix;
  /** Nothing loud has come of it, and a coach would sign it though nothing forced it. */
  isClean: boolean;
}

/** Does a draft on a copy and looks again: null where the matter is still there or a stop has come of it. */
function tried(
  s: Measured,
  matter: Matter,
  all: readonly Matter[],
  { label, edit }: Pick<Fix, 'label' | 'edit'>,
): Tried | null {
  const session = applyEdit(s.session, edit);
  if (bringsUnkind(s.session, session, s.context.client)) return null;
  const after = measure(session, s.context);
  const matters = mattersOf(after);
  if (matters.some((m) => m.key === matter.key)) return null;
  const known = new Map(all.map((m) => [m.key, m]));
  const isLouder = (m: Matter): boolean => loudness[m.severity] < loudness[known.get(m.key)!.severity];
  const come = matters.filter((m) => m.dismissed === null && (!known.has(m.key) || isLouder(m)));
  if (come.some((m) => m.severity === 'stop')) return null;
  if (!isSigned(s, after, matter)) return null;
  if (!sessionSchema.safeParse(session).success) return null;
  const kept = new Set(matters.map((m) => m.key));
  const gone = all.filter((m) => m !== matter && m.dismissed === null && !kept.has(m.key));
  const effect = {
    minutes: (after.timeline.totalS - s.timeline.totalS) / 60,
    sets: workingSets(session) - workingSets(s.session),
    dose: doseChange(s, after),
    gone: gone.map((m) => m.what),
    comes: come.map((m) => m.what),
  };
  // Nothing loud for anything, and no note for a note.
  const isOrdinary =
    matter.severity !== 'stop' || isSigned(s, after, { ...matter, severity: 'watch', mustGo: true });
  const isClean =
    isOrdinary &&
    come.every((m) => m.severity === 'note') &&
    come.length < 1 + gone.length + (matter.severity === 'note' ? 0 : 1);
  return { fix: { label, edit, effect }, isClean };
}

/** The edit of a draft, searched for where it has to be. */
function* editOf({ edit }: FixDraft, soFar: readonly Finding[]): Generator<readonly Finding[], Edit | null> {
  if (typeof edit !== 'function') return edit;
  const search = edit();
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    yield soFar;
  }
}

/** Of a draft and what may stand instead of it, the first that is a remedy and brings nothing loud; of a stop, and of what cannot stay, else the first. */
function* proven(
  s: Measured,
  matter: Matter,
  all: readonly Matter[],
  draft: FixDraft,
  soFar: readonly Finding[],
): Generator<readonly Finding[], Tried | null> {
  let second: Tried | null = null;
  for (const way of [draft, ...(draft.instead ?? [])]) {
    const edit = yield* editOf(way, soFar);
    const found = edit && tried(s, matter, all, { label: way.label, edit });
    yield soFar;
    if (found?.isClean) return found;
    if (matter.severity === 'stop' || matter.mustGo) second ??= found;
  }
  return second;
}

/** The way out where nothing else mends a single movement. */
function leavingOut(s: Measured, { on, keeps, severity }: Matter): FixDraft[] {
  const line =
    severity === 'stop' && !keeps && on.length === 1 && s.lines.length > 1
      ? s.lines.find((m) => m.id === on[0])
      : undefined;
  return line
    ? [{ label: `Leave ${line.name.toLowerCase()} out`, edit: { do: 'remove line', line: line.id } }]
    : [];
}

/**
 * The findings of a session with their remedies, loudest first, looked for step by step: between two steps whoever
 * draws the screen may have the machine, and the findings that are through. A remedy removes its own finding, brings no
 * stop, would be signed, and says whatever else comes of it: each was done to a copy and looked at. No more than `most` are tried, for the loudest findings first.
 */
export function* lookingForRemedies(s: Measured, most = Infinity): Generator<readonly Finding[], Finding[]> {
  const all = mattersOf(s);
  let left = most;
  const findings: Finding[] = [];
  for (const matter of all) {
    const { drafts, keeps: _keeps, moves: _moves, mustGo: _mustGo, lessens: _lessens, ...finding } = matter;
    const found: Tried[] = [];
    const rounds = [drafts, () => (found.length === 0 ? leavingOut(s, matter) : [])];
    const isLooked = matter.dismissed === null && left > 0;
    if (isLooked)
      for (const ways of rounds)
        for (const draft of ways()) {
          if (left <= 0) break;
          left -= 1 + (draft.instead?.length ?? 0);
          const way = yield* proven(s, matter, all, draft, findings);
          if (way && !found.some((f) => f.fix.label === way.fix.label)) found.push(way);
        }
    // Those that bring something as loud only where there are no others; they say what they bring.
    const clean = found.filter((f) => f.isClean);
    const fixes = (clean.length > 0 ? clean : found).map((f) => f.fix);
    // The least change first: a figure, then a movement, then one more.
    fixes.sort((a, b) => sizeOf(a.edit) - sizeOf(b.edit));
    findings.push({ ...finding, fixes, ...(isLooked ? { searched: true } : {}) });
  }
  return findings;
}

/** The same at one go; in a very long session the quieter findings go without. */
export const remedied = (s: Measured): Finding[] => atOneGo(lookingForRemedies(s, mostTried(s)));

/** Remedies one after the other, as one edit. */
export interface Mended {
  edit: Edit;
  /** What was done: the movement, and as its remedy is called. */
  steps: string[];
  /** What could not be mended. */
  left: string[];
}

/** More matters than this are not mended at one go. */
const MOST_MENDED = 40;

/** Mends every matter that is wanted by its first clean remedy; null where there is nothing to mend. */
export function* mending(
  session: Session,
  context: Context,
  wants: (matter: Matter) => boolean,
): Generator<void, Mended | null> {
  let now = session;
  const edits: Edit[] = [];
  const steps: string[] = [];
  const left = new Map<string, string>();
  while (edits.length < MOST_MENDED) {
    const s = measure(now, context);
    const all = mattersOf(s);
    const matter = all.find((m) => m.dismissed === null && wants(m) && !left.has(m.key));
    if (!matter) break;
    let found: Tried | null = null;
    for (const draft of [...matter.drafts(), ...leavingOut(s, matter)]) {
      const search = proven(s, matter, all, draft, []);
      for (let step = search.next(); ; step = search.next()) {
        if (step.done) {
          if (step.value?.isClean) found = step.value;
          break;
        }
        yield;
      }
      if (found) break;
    }
    if (found) {
      now = applyEdit(now, found.fix.edit);
      edits.push(found.fix.edit);
      const line = s.lines.find((m) => m.id === matter.on[0]);
      steps.push(line ? `${line.name}: ${found.fix.label.toLowerCase()}` : found.fix.label);
    } else left.set(matter.key, matter.what);
  }
  if (edits.length === 0 && left.size === 0) return null;
  return { edit: { do: 'all', edits }, steps, left: [...left.values()] };
}
