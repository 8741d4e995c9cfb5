import { bundled } from './bundled.mjs';

// Prints what is offered for every complaint in every movement, and fails where an offer is not kinder, lighter and safe
// for one of five people. `npm run kinder -- "bench press"` prints those that are called so.
const { printWalk } = await bundled('core/src/testing/kinder-walk.ts');
const isSound = printWalk((process.argv[2] ?? '').toLowerCase(), (text) => process.stdout.write(text));
process.exitCode = isSound ? 0 : 1;
