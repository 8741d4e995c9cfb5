import { sweepCatalogue } from '@drimbo/core/choosing';
import { sameJob } from '@drimbo/core/choosing';
import { measure } from '@drimbo/core/measure';
import { workOf } from '@drimbo/core/mechanics';
import { entries, findEntry } from '@drimbo/core/movements';
import { sampleContext, soundPush } from '@drimbo/core/examples';
import { middle, share } from './timing';

const body = { statureM: 1.78, massKg: 80 };

const press = findEntry('barbell-bench-press')!;
const sweep = (i: number): number => {
  const rig = { ...press.rig, tuckDeg: 45 + (i % 300) / 10 };
  const start = performance.now();
  workOf(press.movement, rig, body, 80);
  return performance.now() - start;
};
for (let i = 0; i < 300; i++) sweep(i);
console.log(
  `mechanics, one movement at 20 postures: half within ${share(middle(Array.from({ length: 300 }, (_, i) => sweep(i))))}`,
);

// Every name at every notch: what the worker does when a coach asks for the whole catalogue.
const notches = [-15, 0, 15, 30, 45, 60, 75];
const started = performance.now();
let rigs = 0;
for (const { rows } of sweepCatalogue(entries, notches, body)) rigs += rows.length;
const whole = performance.now() - started;
console.log(
  `mechanics, ${entries.length} names at every notch, ${rigs} rigs: ${share(whole)}, ${share(whole / rigs)} a rig`,
);

const s = measure(soundPush, sampleContext);
const swaps = (): number => {
  const start = performance.now();
  sameJob(s.lines[0]!, sampleContext, { other: null, kindTo: null });
  return performance.now() - start;
};
const first = swaps();
console.log(
  `ranked swaps for a line: ${share(first)} the first time, then ${share(middle(Array.from({ length: 100 }, swaps)))}`,
);
