import { appraise, appraiseAtOnce } from '../../appraise';
import { applyEdit, sessionSchema } from '../../session';
import { rules } from '..';
import { rulePages } from './pages';

const found = (id: string, { session, context }: (typeof rulePages)[string]['fires']) =>
  appraiseAtOnce(session, context).findings.filter((f) => f.rule === id);

test('every rule has a page, and no page is without its rule', () => {
  expect(Object.keys(rulePages).sort()).toEqual(rules.map((r) => r.id).sort());
});

/** Rules whose matter lies outside the session, so that no edit of it can mend them. */
const fixless = new Set(['ask-first', 'health-screen']);

describe.each(rules.map((r) => [r.id, r] as const))('%s', (id, rule) => {
  const page = rulePages[id]!;

  test('speaks on the one example and is silent on the other', () => {
    const [first] = found(id, page.fires);
    expect(first && { rule: first.rule, ground: first.ground }).toEqual({ rule: id, ground: rule.ground });
    expect(first!.what.length).toBeGreaterThan(15);
    expect(first!.why.length).toBeGreaterThan(15);
    expect(found(id, page.quiet)).toEqual([]);
    for (const { session } of [page.fires, page.quiet])
      expect(sessionSchema.safeParse(session).error).toBe(undefined);
  });

  if (!fixless.has(id))
    test('is mended by its first remedy, which changes what it says', () => {
      const { session, context } = page.fires;
      const before = appraise(session, context);
      const finding = before.findings.find((f) => f.rule === id)!;
      expect([id, finding.fixes.length]).not.toEqual([id, 0]);
      const after = appraiseAtOnce(applyEdit(session, finding.fixes[0]!.edit), context);
      expect(after.findings.map((f) => f.key)).not.toContain(finding.key);
      expect(after.totals.minutes - before.totals.minutes).toBeCloseTo(finding.fixes[0]!.effect.minutes, 6);
    });
});
