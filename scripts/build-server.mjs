import { build } from 'esbuild';

await build({
  entryPoints: ['server/src/main.ts'],
  outfile: 'server/dist/main.js',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  external: ['libsql', 'kysely', 'express', 'helmet', 'pino', 'zod'],
  logLevel: 'warning',
});
