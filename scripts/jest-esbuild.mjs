import { transformSync } from 'esbuild';

/** Turns TypeScript into ES modules for Jest. */
export default {
  process(source, path) {
    const { code, map } = transformSync(source, {
      loader: path.endsWith('.tsx') ? 'tsx' : 'ts',
      format: 'esm',
      target: 'node20',
      jsx: 'automatic',
      sourcemap: 'external',
      sourcefile: path,
    });
    return { code, map };
  },
};
