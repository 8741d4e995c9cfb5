import fc from 'fast-check';
import { appraiseAtOnce } from '../appraise';
import { line, sampleClient, sampleContext, session } from '../examples';
import { applyEdit, limitIds } from '../session';
import { anyContext, anySession } from '../testing/any';
import { atOneGo } from '../units';
import { kinderTo } from './kinder';

test('a day for a sore shoulder: nothing meets it any more, and it is still a push day', () => {
  const context = {
    ...sampleContext,
    client: { ...sampleClient, limits: [{ limit: 'shoulder front' as const, note: '' }] },
  };
  const s = session([
    line('barbell-bench-press'),
    line('dumbbell-fly', {}, { range: 'full' }),
    line('pushdown'),
  ]);
  const made = atOneGo(kinderTo(s, context, 'shoulder front'))!;
  const after = applyEdit(s, made.edit);
  expect(appraiseAtOnce(after, context).findings.filter((f) => f.rule === 'client-limits')).toEqual([]);
  expect(made.left).toEqual([]);
  expect(after.blocks).toHaveLength(3);
});

test('where every kinder movement would be too easy, or the same job again, it says what it could not mend', () => {
  const context = {
    ...sampleContext,
    client: { ...sampleClient, limits: [{ limit: 'shoulder front' as const, note: '' }] },
  };
  const s = session([
    line('barbell-bench-press'),
    line('chest-dip'),
    line('dumbbell-fly', {}, { range: 'full' }),
    line('pushdown'),
  ]);
  const made = atOneGo(kinderTo(s, context, 'shoulder front'))!;
  expect(made.left).toHaveLength(1);
  expect(JSON.stringify(made.left)).toContain('hest dip');
});

test('for anybody it leaves nothing that meets the limit but what it says it could not mend, and brings no stop', () => {
  fc.assert(
    fc.property(anySession, anyContext, fc.constantFrom(...limitIds), (s, any, limit) => {
      const context = { ...any, client: { ...any.client, limits: [{ limit, note: '' }] } };
      const made = atOneGo(kinderTo(s, context, limit));
      const before = appraiseAtOnce(s, context).findings;
      const after = made ? appraiseAtOnce(applyEdit(s, made.edit), context).findings : before;
      const met = after.filter((f) => f.rule === 'client-limits' && f.dismissed === null);
      expect(met.map((f) => f.what)).toEqual(made?.left ?? []);
      const stops = new Set(before.filter((f) => f.severity === 'stop').map((f) => f.key));
      expect(after.filter((f) => f.severity === 'stop' && !stops.has(f.key))).toEqual([]);
    }),
    { numRuns: 12 },
  );
});
