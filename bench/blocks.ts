import { appraiseBlock } from '@drimbo/core/block';
import { blockContext, sampleBlock, sound } from '@drimbo/core/block';
import { moveDay } from '@drimbo/core/block';
import { placed } from '@drimbo/core/block';
import { blockRemedies } from '@drimbo/core/block';
import { weeksFor } from '@drimbo/core/block';
import { middle, share } from './timing';

// A block of twelve weeks with two push days: what the worker does on every change, and what a dragged day costs at once.
const block = sampleBlock(12, { weeks: weeksFor('size', 12) });
const context = {
  ...blockContext(sound),
  logged: Array.from({ length: 600 }, (_, i) => ({
    ...blockContext(sound).client.tests[0]!,
    date: `2026-${String(8 + (i % 4)).padStart(2, '0')}-${String(1 + (i % 28)).padStart(2, '0')}`,
    loadKg: 85 + (i % 12),
    kind: 'set' as const,
  })),
};

const taking = (times: number, what: (i: number) => unknown): number =>
  middle(
    Array.from({ length: times }, (_, i) => {
      const start = performance.now();
      what(i);
      return performance.now() - start;
    }),
  );

const changed = (i: number) => ({ ...block, title: `Autumn ${i}` });
taking(3, (i) => appraiseBlock(changed(i), { ...context }));
const whole = taking(9, (i) => appraiseBlock(changed(i), { ...context }));
console.log(
  `A block of twelve weeks, every week appraised: ${Math.round((whole / 500) * 100)} % of half a second, ${share(whole)}`,
);

const dragged = taking(50, (i) => {
  const change = moveDay(block, 1, i % 2 === 0 ? '2026-12-02' : '2026-12-04');
  placed({ ...block, ...change!.block });
});
console.log(`A day dragged to another, where every day falls: ${share(dragged)}`);

const start = performance.now();
const search = blockRemedies(block, context);
let drafts = 0;
while (!search.next().done) drafts += 1;
console.log(
  `Remedies of its findings: ${Math.round(((performance.now() - start) / 500) * 100)} % of half a second, ${drafts} steps`,
);
