import fc from 'fast-check';

// The same random cases on every machine; DRIMBO_SEED looks at others.
fc.configureGlobal({ seed: Number(process.env.DRIMBO_SEED ?? 20261124) });
