import { bundled } from './bundled.mjs';

// Prints what the review says, with its first remedies, of good sessions and ordinary ones: `npm run opinions -- 40 7`.
const [count = '40', seed] = process.argv.slice(2);
const { printOpinions } = await bundled('core/src/testing/opinions/print.ts');
printOpinions(Number(count), seed === undefined ? undefined : Number(seed));
