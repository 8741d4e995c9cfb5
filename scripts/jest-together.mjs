import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { relative, resolve } from 'node:path';
import { toModule } from './jest-esbuild.mjs';

const root = resolve(import.meta.dirname, '..');
const imports = /^(?:\s*import\b[^;]*;\n)+/;
const itself = readFileSync(import.meta.filename);

/** What one file puts in the place of the browser's own, the next does not find. */
const leaves = 'const fetchBefore = globalThis.fetch; afterAll(() => { globalThis.fetch = fetchBefore; });';

/** Turns a test file into a module that tests within a `describe` of its own name. */
export default {
  process(source, path) {
    const { code } = toModule(source, path);
    const first = imports.exec(code)?.[0] ?? '';
    const rest = code.slice(first.length);
    return {
      code: `${first}describe(${JSON.stringify(relative(root, path))}, () => {\n${leaves}\n${rest}\n});\n`,
    };
  },
  getCacheKey: (source, path) =>
    createHash('sha256').update(itself).update(path).update(source).digest('hex'),
};
