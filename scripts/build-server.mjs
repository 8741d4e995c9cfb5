import { build } from 'esbuild';

await build({
  entryPoints: {
    main: 'server/src/main.ts',
    appraising: 'server/src/appraising/worker.ts',
    working: 'server/src/house/working.ts',
  },
  outdir: 'server/dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  mainFields: ['module', 'main'],
  // Everything in one file is read in half the time; what is native stays where it was installed.
  external: ['libsql'],
  // Packages of the older kind ask for others by `require`.
  banner: {
    js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
  },
  logLevel: 'warning',
});
