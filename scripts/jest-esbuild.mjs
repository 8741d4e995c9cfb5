import { transformSync } from 'esbuild';

/** TypeScript as an ES module, with its map. */
export function toModule(source, path) {
  const { code, map } = transformSync(source, {
    loader: path.endsWith('.tsx') ? 'tsx' : 'ts',
    format: 'esm',
    target: 'node20',
    jsx: 'automatic',
    sourcemap: 'external',
    sourcefile: path,
  });
  return { code, map };
}

/** Turns TypeScript into ES modules for Jest. */
export default { process: toModule };
