import { bringsUnkind } from '../choosing';
import { groupIds } from '../anatomy';
import { sessionSchema } from '../session';
import type { Measured } from '../measure';
import { isSigned, loudness } from '../review';
import { applyChange } from './changes';
import { trainingBlockSchema, type TrainingBlock } from './document';
import { blockMatters, type BlockMatter } from './judging';
import { measureBlock } from './measuring';
import type { BlockContext, BlockEffect, BlockFinding, BlockFix, MeasuredBlock } from './model';

/** Remedies of one finding that are offered. */
const MOST_OFFERED = 3;
const LEAST_DOSE = 0.25;

function effectOf(
  before: MeasuredBlock,
  after: MeasuredBlock,
  week: number,
): Pick<BlockEffect, 'dose' | 'minutes'> {
  const [was, now] = [before.weeks[week]!, after.weeks[week]!];
  const dose: BlockEffect['dose'] = {};
  for (const g of groupIds) {
    const by = now.groups[g] - was.groups[g];
    if (Math.abs(by) >= LEAST_DOSE) dose[g] = by;
  }
  const minutes = (w: typeof was): number => w.days.reduce((n, d) => n + (d.minutes ?? 0), 0);
  return { dose, minutes: minutes(now) - minutes(was) };
}

/** A session as the first week that has it does it. */
const dayOf = (block: MeasuredBlock, id: string): Measured | null =>
  block.weeks
    .flatMap((w) => w.days)
    .find(
      ({ placed, training: { does } }) => (placed.session ?? (does.is === 'session' && does.session)) === id,
    )?.measured ?? null;

/** What the judge of a session's remedies says of one that the block would change. */
function isSignedIn(
  before: MeasuredBlock,
  after: MeasuredBlock,
  id: string,
  severity: BlockMatter['severity'],
): boolean {
  const [was, is] = [dayOf(before, id), dayOf(after, id)];
  return !was || !is || isSigned(was, is, { severity, on: was.lines.map((m) => m.id) });
}

/** Does a draft on a copy and looks again: null where the matter stays in its first week, or a stop comes of it. */
function tried(
  block: TrainingBlock,
  context: BlockContext,
  before: MeasuredBlock,
  all: readonly BlockMatter[],
  matter: BlockMatter,
  label: string,
  change: BlockFix['change'],
): { fix: BlockFix; isClean: boolean } | null {
  const changed = applyChange(block, context.sessions, change);
  if (!trainingBlockSchema.safeParse(changed.block).success) return null;
  if (change.sessions.some(({ id }) => !sessionSchema.safeParse(changed.sessions[id]).success)) return null;
  const isUnkind = change.sessions.some(({ id }) => {
    const was = context.sessions[id];
    return was !== undefined && bringsUnkind(was, changed.sessions[id]!, context.client);
  });
  if (isUnkind) return null;
  const after = measureBlock(changed.block, { ...context, sessions: changed.sessions });
  if (change.sessions.some(({ id }) => !isSignedIn(before, after, id, matter.severity))) return null;
  const matters = blockMatters(after);
  const same = matters.find((m) => m.key === matter.key);
  if (same?.weeks.includes(matter.weeks[0]!)) return null;
  const known = new Map(all.map((m) => [m.key, m]));
  const come = matters.filter((m) => m.dismissed === null && !known.has(m.key));
  if (come.some((m) => m.severity === 'stop')) return null;
  const kept = new Set(matters.map((m) => m.key));
  const gone = all.filter((m) => m !== matter && m.dismissed === null && !kept.has(m.key));
  const effect: BlockEffect = {
    ...effectOf(before, after, matter.weeks[0]!),
    gone: gone.map((m) => m.what),
    comes: come.map((m) => m.what),
  };
  return {
    fix: { label, change, effect },
    isClean: come.every((m) => loudness[m.severity] > loudness[matter.severity]),
  };
}

/**
 * The findings of a block with their remedies, loudest first, looked for step by step. A remedy takes its finding out
 * of the first week that has it, brings no stop, and says what else comes of it: each was done to a copy and looked at.
 * `only`: the findings remedies are wanted for; the others are told without.
 */
export function* blockRemedies(
  block: TrainingBlock,
  context: BlockContext,
  only: (finding: { rule: string }) => boolean = () => true,
): Generator<readonly BlockFinding[], BlockFinding[]> {
  const before = measureBlock(block, context);
  const all = blockMatters(before);
  const findings: BlockFinding[] = [];
  for (const matter of all) {
    const { drafts, ...finding } = matter;
    const clean: BlockFix[] = [];
    const others: BlockFix[] = [];
    if (matter.dismissed === null && only(matter))
      for (const { label, change } of drafts()) {
        if (clean.length >= MOST_OFFERED) break;
        const found = change();
        const way = found && tried(block, context, before, all, matter, label, found);
        yield findings;
        if (way && ![...clean, ...others].some((f) => f.label === label))
          (way.isClean ? clean : others).push(way.fix);
      }
    findings.push({ ...finding, fixes: (clean.length > 0 ? clean : others).slice(0, MOST_OFFERED) });
    yield findings;
  }
  return findings;
}
