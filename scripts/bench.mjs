import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

// Runs bench/*.ts; they print shares of a frame and assert nothing.
mkdirSync('.cache', { recursive: true });
const outfile = resolve('.cache/bench.mjs');
await build({
  entryPoints: ['bench/appraise.ts'],
  outfile,
  bundle: true,
  format: 'esm',
  platform: 'node',
  logLevel: 'warning',
});
await import(pathToFileURL(outfile).href);
