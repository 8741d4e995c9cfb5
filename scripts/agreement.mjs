import { bundled, writeConstant } from './bundled.mjs';

// Compares the two ways of splitting the work over the catalogue and writes where they differ.
const { compareSplits } = await bundled('core/src/testing/agreement.ts');
const found = compareSplits();
await writeConstant('core/src/mechanics/agreement-data.ts', 'agreementData', found, 'agreement');
const { unsure, ...figures } = found;
console.log(figures, `${Object.keys(unsure).length} names with a region unsure`);
