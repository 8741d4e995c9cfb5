import type { Measured } from '../measure';
import type { Finding, FindingDraft, Matter, Rule } from './model';
import { loudness } from './loudness';
import { causesFirst } from './causes';
import { rules } from './rules';

/** The coach's reason for going on, of the session, the client or the school. */
function asideIn(s: Measured, rule: string, key: string): Pick<Finding, 'dismissed' | 'asideFor'> {
  const places = [
    ['session', s.session.dismissed.find((d) => d.finding === key)],
    ['client', s.context.client.aside.find((a) => a.rule === rule)],
    ['school', s.school.aside.find((a) => a.rule === rule)],
  ] as const;
  const found = places.find(([, aside]) => aside !== undefined);
  return { dismissed: found?.[1]!.reason ?? null, asideFor: found?.[0] ?? null };
}

function told(s: Measured, rule: Rule, draft: FindingDraft): Matter[] {
  const voice = s.school.voices[rule.id];
  if (voice === 'off') return [];
  // The same lines in another order are the same matter.
  const key = [rule.id, ...(draft.about === undefined ? [...draft.on].sort() : [draft.about])].join(' ');
  return [
    {
      key,
      rule: rule.id,
      severity: voice ?? draft.severity ?? rule.severity,
      ground: rule.ground,
      on: draft.on,
      at: rule.at ?? 'movement',
      sets: draft.sets ?? [],
      what: draft.what,
      why: draft.why,
      drafts: draft.fixes ?? (() => []),
      keeps: draft.keeps ?? false,
      moves: draft.moves,
      mustGo: draft.mustGo ?? false,
      lessens: draft.lessens ?? false,
      ...asideIn(s, rule.id, key),
    },
  ];
}

/** What is the matter with a measured session, loudest first; what was set aside comes last. */
export function mattersOf(s: Measured): Matter[] {
  if (s.lines.length === 0 && s.session.warmup.length === 0) return [];
  const all = rules.flatMap((rule) => rule.look(s).flatMap((draft) => told(s, rule, draft)));
  const rank = (m: Matter): number => loudness[m.severity] + (m.dismissed === null ? 0 : 10);
  return causesFirst(all)
    .map((m, i) => ({ m, i }))
    .sort((a, b) => rank(a.m) - rank(b.m) || a.i - b.i)
    .map(({ m }) => m);
}

/** The findings alone; their remedies take longer and come from `remedied`. */
export const review = (s: Measured): Finding[] =>
  mattersOf(s).map(
    ({ drafts: _drafts, keeps: _keeps, moves: _moves, mustGo: _mustGo, lessens: _lessens, ...finding }) => ({
      ...finding,
      fixes: [],
    }),
  );
