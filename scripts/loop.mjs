import { bundled } from './bundled.mjs';

// Prints how loads come true over simulated clients whose laws are not the product's: `npm run loop -- 40`.
const [count = '40'] = process.argv.slice(2);
const { printLoop } = await bundled('core/src/testing/loop/print.ts');
printLoop(Number(count));
