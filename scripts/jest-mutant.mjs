import { createHash } from 'node:crypto';
import { resolve } from 'node:path';
import { toModule } from './jest-esbuild.mjs';

const mutant = process.env.DRIMBO_MUTANT ? JSON.parse(process.env.DRIMBO_MUTANT) : null;
const isIn = (path) => mutant !== null && resolve(import.meta.dirname, '..', mutant.path) === path;

/** The same as for every test, with one file changed in one place. */
export default {
  process: (source, path) =>
    toModule(isIn(path) ? source.slice(0, mutant.from) + mutant.is + source.slice(mutant.to) : source, path),
  getCacheKey: (source, path) =>
    createHash('sha256')
      .update(path)
      .update(source)
      .update(isIn(path) ? JSON.stringify(mutant) : '')
      .digest('hex'),
};
