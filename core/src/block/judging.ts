import { daysAfter } from '../units';
import { loudness } from '../review';
import type { BlockFinding, BlockRule, MeasuredBlock, MeasuredWeek, WeekDraft } from './model';
import { blockRules } from './rules';

/** A finding with what may mend it in its first week, before anybody has looked whether it does. */
export interface BlockMatter extends Omit<BlockFinding, 'fixes'> {
  drafts: NonNullable<WeekDraft['fixes']>;
}

/** Weeks that can still be changed and have something to look at. */
const isOpen = ({ context }: MeasuredBlock, w: MeasuredWeek): boolean =>
  !w.isDone && w.days.length > 0 && daysAfter(w.from, 6) >= context.todayIso;

/** Everything the rules say of the weeks to come; the same matter in several weeks is one, told of the first. */
export function blockMatters(
  block: MeasuredBlock,
  only: (rule: BlockRule) => boolean = () => true,
): BlockMatter[] {
  const found = new Map<string, BlockMatter>();
  for (const week of block.weeks) {
    if (!isOpen(block, week)) continue;
    for (const rule of blockRules) {
      const voice = block.school.voices[rule.id];
      if (voice === 'off' || !only(rule)) continue;
      for (const draft of rule.look(block, week)) {
        const key = `${rule.id} ${draft.about}`;
        const known = found.get(key);
        if (known) {
          if (!known.weeks.includes(week.week)) known.weeks.push(week.week);
          continue;
        }
        found.set(key, {
          key,
          rule: rule.id,
          severity: voice ?? draft.severity ?? rule.severity,
          ground: rule.ground,
          weeks: [week.week],
          on: draft.on,
          what: draft.what,
          why: draft.why,
          dismissed: block.block.dismissed.find((d) => d.finding === key)?.reason ?? null,
          drafts: draft.fixes ?? (() => []),
        });
      }
    }
  }
  return [...found.values()].sort(
    (a, b) => loudness[a.severity] - loudness[b.severity] || a.weeks[0]! - b.weeks[0]!,
  );
}

/** The findings of a block, loudest first, without remedies. */
export const findingsOf = (block: MeasuredBlock): BlockFinding[] =>
  blockMatters(block).map(({ drafts: _drafts, ...finding }) => ({ ...finding, fixes: [] }));
