import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { buildIfStale, give } from './ground.mjs';

// Runs the benchmarks; they print shares of a frame and assert nothing.
mkdirSync('.cache', { recursive: true });
for (const name of ['appraise', 'blocks', 'mechanics', 'reading']) {
  const outfile = resolve(`.cache/bench-${name}.mjs`);
  await build({
    entryPoints: [`bench/${name}.ts`],
    outfile,
    bundle: true,
    format: 'esm',
    platform: 'node',
    logLevel: 'warning',
  });
  await import(pathToFileURL(outfile).href);
}
if (!buildIfStale()) give('The build failed; the lines above say where.');
await import(pathToFileURL(resolve('bench/server.mjs')).href);
await import(pathToFileURL(resolve('bench/page.mjs')).href);
