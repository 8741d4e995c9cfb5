import { layOut } from '../measure/lay-out';
import { workingSets } from '../measure/measure';
import type { Measured } from '../measure/model';
import type { Severity } from '../schools/schools';
import { applyEdit } from '../session/edits';
import type { Effect, Finding, FindingDraft, FixDraft, Rule } from './model';
import { rules } from './rules';

const loudness: Record<Severity, number> = { stop: 0, watch: 1, note: 2 };

/** What an edit would change, found by doing it. */
export function effectOf(s: Measured, fix: FixDraft): Effect {
  const after = applyEdit(s.session, fix.edit);
  return {
    minutes: (layOut(after, s.context).timeline.totalS - s.timeline.totalS) / 60,
    sets: workingSets(after) - workingSets(s.session),
  };
}

function finish(s: Measured, rule: Rule, draft: FindingDraft): Finding[] {
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
      fixes: (draft.fixes ?? []).map((fix) => ({ ...fix, effect: effectOf(s, fix) })),
      dismissed: s.session.dismissed.find((d) => d.finding === key)?.reason ?? null,
    },
  ];
}

/** Every finding on a measured session, loudest first; those set aside come last. */
export function review(s: Measured): Finding[] {
  if (s.lines.length === 0 && s.session.warmup.length === 0) return [];
  const found = rules.flatMap((rule) => rule.look(s).flatMap((draft) => finish(s, rule, draft)));
  const rank = (f: Finding): number => loudness[f.severity] + (f.dismissed === null ? 0 : 10);
  return found
    .map((f, i) => ({ f, i }))
    .sort((a, b) => rank(a.f) - rank(b.f) || a.i - b.i)
    .map(({ f }) => f);
}
