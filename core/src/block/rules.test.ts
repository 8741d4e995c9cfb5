import { trainingBlockSchema } from './document';
import { applyChange } from './changes';
import { findingsOf } from './judging';
import { measureBlock } from './measuring';
import { blockPages, type BlockExample } from './pages';
import { blockRemedies } from './remedies';
import { blockRules } from './rules';
import { atOneGo } from '../units';

const found = (id: string, { block, context }: BlockExample) =>
  findingsOf(measureBlock(block, context)).filter((f) => f.rule === id);

test('every rule of the week has an example, and no example is without its rule', () => {
  expect(Object.keys(blockPages).sort()).toEqual(blockRules.map((r) => r.id).sort());
});

/** What no edit of a block or its sessions mends: a number that is told, a session that has to be chosen. */
const fixless = new Set(['worth-spread', 'session-missing']);

describe.each(blockRules.map((r) => [r.id, r] as const))('%s', (id, rule) => {
  const { fires, quiet } = blockPages[id]!;

  test('speaks on the one block and is silent on the other', () => {
    for (const { block } of [fires, quiet])
      expect(trainingBlockSchema.safeParse(block).error).toBe(undefined);
    const [first] = found(id, fires);
    expect(first && { rule: first.rule, ground: first.ground }).toEqual({ rule: id, ground: rule.ground });
    expect(first!.what.length).toBeGreaterThan(15);
    expect(first!.why.length).toBeGreaterThan(15);
    expect(found(id, quiet).map((f) => f.what)).toEqual([]);
  });

  if (!fixless.has(id))
    test('is mended by its first remedy', () => {
      const { block, context } = fires;
      const finding = atOneGo(blockRemedies(block, context, ({ rule: of }) => of === id)).find(
        (f) => f.rule === id,
      )!;
      expect([id, finding.fixes.length]).not.toEqual([id, 0]);
      const after = applyChange(block, context.sessions, finding.fixes[0]!.change);
      const left = findingsOf(measureBlock(after.block, { ...context, sessions: after.sessions }));
      const same = left.find((f) => f.key === finding.key);
      expect(same?.weeks ?? []).not.toContain(finding.weeks[0]);
    });
});
