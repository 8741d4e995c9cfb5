import { bundled, writeConstant } from './bundled.mjs';

// Fits the constants of set-to-set fatigue to the figures of common practice and writes the table.
const { fitFatigue, misfit, startingTable } = await bundled('core/src/testing/fatigue-fit.ts');
const table = fitFatigue(startingTable);
writeConstant('core/src/fatigue/calibrated.ts', 'fatigueTable', table, 'calibrate');
console.log(
  table,
  `misses by ${misfit(table).toFixed(2)} squared repetitions; the start by ${misfit(startingTable).toFixed(2)}`,
);
