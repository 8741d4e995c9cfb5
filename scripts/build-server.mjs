import { build } from 'esbuild';

await build({
  entryPoints: { main: 'server/src/main.ts', appraising: 'server/src/appraising/worker.ts' },
  outdir: 'server/dist',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  external: [
    'libsql',
    'kysely',
    'express',
    'helmet',
    'pino',
    'sirv',
    'zod',
    'yazl',
    'yauzl',
    'papaparse',
    'jsonc-parser',
    'cookie',
    'express-rate-limit',
    'qrcode',
    'read',
  ],
  logLevel: 'warning',
});
