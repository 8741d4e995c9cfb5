import { shortened } from '@drimbo/core/choosing';
import { blocksOfPasted, readPasted } from '@drimbo/core/shorthand';
import { sampleContext, soundPush } from '@drimbo/core/examples';
import { middle, share } from './timing';

const said = [
  'incline db 4x8, then flys 3x12 super w/ pushups to failure, 90s rest',
  'lat raises 3x15 leave 1 zorp',
  'bench 5x5 @ 80kg rest 3 min',
  'A1. cable fly low to high 3x12-15',
  'A2. pushdowns 12, 10, 8',
];
const message = Array.from({ length: 20 }, (_, i) => said[i % said.length]).join('\n');
const read = (): number => {
  let n = 0;
  const newId = (stem: string): string => `${stem}-${(n += 1)}`;
  const start = performance.now();
  blocksOfPasted(readPasted(message, { unit: 'kg', school: 'evidence', newId }), newId);
  return performance.now() - start;
};
const first = read();
console.log(
  `a message of 20 lines into a session: ${share(first)} the first time, half within ${share(middle(Array.from({ length: 20 }, read)))} (aim: under a second, 60 frames)`,
);

const shorten = (): number => {
  const start = performance.now();
  shortened(soundPush, sampleContext, 30);
  return performance.now() - start;
};
console.log(`six movements fitted into half an hour: ${share(shorten())}`);
