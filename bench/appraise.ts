import { appraise, appraiseAtOnce } from '@drimbo/core';
import { line, sampleClient, sampleContext, session, soundPush } from '@drimbo/core/examples';
import type { Session } from '@drimbo/core/session';
import { applyEdit } from '@drimbo/core/session';
import { share } from './timing';

const twelveLines: Session = {
  ...soundPush,
  minutes: 60,
  blocks: [
    ...soundPush.blocks,
    ...session([
      line('chest-dip'),
      line('pushdown'),
      line('dumbbell-lateral-raise'),
      line('face-pull'),
      line('machine-fly'),
      line('dumbbell-curl'),
    ]).blocks,
  ],
};
const logged = Array.from({ length: 200 }, (_, i) => ({
  ...sampleClient.tests[0]!,
  loadKg: 90 + (i % 10),
  kind: 'set' as const,
}));
const context = { ...sampleContext, logged };

/** One keystroke: a new document that differs in one line, appraised. */
function keystroke(i: number): number {
  const edited = applyEdit(twelveLines, {
    do: 'line',
    line: 'incline-dumbbell-press',
    patch: { restS: 60 + (i % 120) },
  });
  const start = performance.now();
  appraiseAtOnce(edited, context);
  return performance.now() - start;
}

for (let i = 0; i < 300; i++) keystroke(i);
const times = Array.from({ length: 600 }, (_, i) => keystroke(i)).sort((a, b) => a - b);
const findings = appraise(twelveLines, context).findings;
const fixes = findings.reduce((n, f) => n + f.fixes.length, 0);
console.log(`appraise, twelve lines, ${findings.length} findings:`);
console.log(
  `  half of all keystrokes within ${share(times[300]!)}, nine in ten within ${share(times[540]!)}, 99 in a hundred within ${share(times[594]!)} (aim: 25 % and 50 %)`,
);
const began = performance.now();
appraise(
  applyEdit(twelveLines, { do: 'line', line: 'incline-dumbbell-press', patch: { restS: 77 } }),
  context,
);
console.log(`  its ${fixes} remedies, which come after it: ${share(performance.now() - began)}`);
