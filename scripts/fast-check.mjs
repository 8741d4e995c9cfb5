import real from '../node_modules/fast-check/lib/fast-check.js';

// What tests import as `fast-check`: the same random cases on every machine (DRIMBO_SEED looks at others). `npm test`
// tries a fixed share of them, `npm run search` many times as many (DRIMBO_SEARCH, a factor).
const share = Number(process.env.DRIMBO_SEARCH ?? 0.15);
const LEAST = 4;
const scaled = (runs) => Math.max(Math.min(runs, LEAST), Math.round(runs * share));

real.configureGlobal({ seed: Number(process.env.DRIMBO_SEED ?? 20261124) });

export default {
  ...real,
  assert: (property, options = {}) =>
    real.assert(property, { ...options, numRuns: scaled(options.numRuns ?? 100) }),
};
