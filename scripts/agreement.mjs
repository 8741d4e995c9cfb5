import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { format } from 'prettier';

// Compares the two ways of splitting the work over the catalogue and writes where they differ.
const bundle = resolve('.cache/agreement.mjs');
mkdirSync('.cache', { recursive: true });
await build({
  entryPoints: ['core/src/testing/agreement.ts'],
  outfile: bundle,
  bundle: true,
  format: 'esm',
  platform: 'node',
  logLevel: 'warning',
});
const { compareSplits } = await import(pathToFileURL(bundle).href);
const found = compareSplits();
const file = 'core/src/mechanics/agreement-data.ts';
const text = `/** Written by \`npm run agreement\`; a test holds it current. */
export const agreementData = ${JSON.stringify(found)} as const;
`;
const options = JSON.parse(readFileSync('.prettierrc.json', 'utf8'));
writeFileSync(file, await format(text, { ...options, parser: 'typescript' }));
const { unsure, ...figures } = found;
console.log(figures, `${Object.keys(unsure).length} names with a region unsure`);
rmSync(bundle);
