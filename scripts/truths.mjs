import { bundled } from './bundled.mjs';

// Prints how often the mechanics show what is known of the lifts, over bodies drawn with a fixed seed; fails
// where a truth holds in fewer people than when the model was chosen.
// `npm run truths -- 40` asks forty people; `npm run truths -- 10 disturbed` moves every muscle line at random.
const [count = '200', how = ''] = process.argv.slice(2);
const { printTruths } = await bundled('core/src/testing/truths/print.ts');
process.exit(printTruths(Number(count), how === 'disturbed') ? 0 : 1);
