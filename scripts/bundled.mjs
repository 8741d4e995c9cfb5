import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';

/** A TypeScript module of the core, ready to be called from a script. */
export async function bundled(entry) {
  const name = entry.replace(/\W+/g, '-');
  const bundle = resolve(`.cache/${name}.mjs`);
  mkdirSync('.cache', { recursive: true });
  await build({
    entryPoints: [entry],
    outfile: bundle,
    bundle: true,
    format: 'esm',
    platform: 'node',
    logLevel: 'warning',
  });
  const module = await import(pathToFileURL(bundle).href);
  rmSync(bundle);
  return module;
}

/** Writes a constant to a source file, saying which command did. */
export function writeConstant(file, name, value, command) {
  const text = `/** Written by \`npm run ${command}\`; a test holds it current. */
export const ${name} = ${JSON.stringify(value)} as const;
`;
  writeFileSync(file, text);
  const { status } = spawnSync(process.execPath, ['node_modules/oxfmt/bin/oxfmt', file], {
    stdio: 'inherit',
  });
  if (status !== 0) throw new Error(`${file} could not be formatted.`);
}
