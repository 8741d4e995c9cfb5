import { resolve } from 'node:path';
import { defineConfig } from '@playwright/test';
import { chromiumPath } from '../scripts/ground.mjs';

const root = resolve(import.meta.dirname, '..');

// Tools read a default export here. Every worker starts a server of its own (house.ts).
export default defineConfig({
  testDir: './stories',
  globalSetup: './setup.ts',
  outputDir: resolve(root, 'test-results'),
  fullyParallel: false,
  workers: 2,
  retries: 0,
  // What is waited for comes or does not; a machine busy with other work only makes it later.
  timeout: 300_000,
  expect: { timeout: 60_000 },
  reporter: process.env.DRIMBO_REPORT
    ? [['line'], ['json', { outputFile: resolve(root, process.env.DRIMBO_REPORT) }]]
    : [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    // Tracing costs a fifth of the time; a failure is looked at by running its story alone.
    trace: process.env.DRIMBO_REPORT ? 'off' : 'retain-on-failure',
    launchOptions: {
      executablePath: chromiumPath,
      args: [
        '--disable-sync',
        '--disable-quic',
        '--disable-background-networking',
        '--no-sandbox',
        '--disable-component-update',
        '--no-first-run',
        '--disable-gpu',
        // Text as wide as it is in a window.
        '--font-render-hinting=none',
        // A page lives for seconds here: the compiler's last tier costs more than it gives.
        '--js-flags=--no-turbofan',
      ],
    },
  },
});
