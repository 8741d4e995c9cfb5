import { layOut } from '../measure/lay-out';
import { workingSets } from '../measure/measure';
import type { Measured } from '../measure/model';
import type { Severity } from '../schools/schools';
import { applyEdit } from '../session/edits';
import type { Effect, Finding, FindingDraft, FixDraft, Rule } from './model';
import { rules } from './rules';

const loudness: Record<Severity, number> = { stop: 0, watch: 1, note: 2 };

/** Sets and stages that are laid out again for effects, at most: enough for every fix of a long session. */
const MOST_LAID = 2000;

/** What an edit would change, found by doing it; without the minutes, only by counting. */
export function effectOf(s: Measured, fix: FixDraft, withMinutes = true): Effect {
  const after = applyEdit(s.session, fix.edit);
  const sets = workingSets(after) - workingSets(s.session);
  if (!withMinutes) return { sets };
  return { minutes: (layOut(after, s.context).timeline.totalS - s.timeline.totalS) / 60, sets };
}

type Found = Omit<Finding, 'fixes'> & { drafts: FixDraft[] };

function found(s: Measured, rule: Rule, draft: FindingDraft): Found[] {
  const voice = s.school.voices[rule.id];
  if (voice === 'off') return [];
  const key = [rule.id, ...(draft.about === undefined ? draft.on : [draft.about])].join(' ');
  return [
    {
      key,
      rule: rule.id,
      severity: voice ?? draft.severity ?? rule.severity,
      ground: rule.ground,
      on: draft.on,
      what: draft.what,
      why: draft.why,
      drafts: draft.fixes ?? [],
      dismissed: s.session.dismissed.find((d) => d.finding === key)?.reason ?? null,
    },
  ];
}

/** Every finding on a measured session, loudest first; those set aside come last. */
export function review(s: Measured): Finding[] {
  if (s.lines.length === 0 && s.session.warmup.length === 0) return [];
  const all = rules.flatMap((rule) => rule.look(s).flatMap((draft) => found(s, rule, draft)));
  const rank = (f: Found): number => loudness[f.severity] + (f.dismissed === null ? 0 : 10);
  const bouts = s.lines.reduce((n, m) => n + m.sets.length, 0);
  let fixesLaid = MOST_LAID / Math.max(1, bouts);
  return all
    .map((f, i) => ({ f, i }))
    .sort((a, b) => rank(a.f) - rank(b.f) || a.i - b.i)
    .map(({ f: { drafts, dismissed, ...rest } }) => ({
      ...rest,
      fixes: drafts.map((fix) => ({ ...fix, effect: effectOf(s, fix, fixesLaid-- >= 1) })),
      dismissed,
    }));
}
