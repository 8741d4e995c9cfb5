import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { defineConfig } from '@playwright/test';

const root = resolve(import.meta.dirname, '..');
const port = Number(process.env.DRIMBO_TEST_PORT ?? 4377);
process.env.DRIMBO_TEST_DATA ??= mkdtempSync(join(tmpdir(), 'drimbo-browser-'));

// Tools read a default export here.
export default defineConfig({
  testDir: './stories',
  outputDir: resolve(root, 'test-results'),
  fullyParallel: false,
  workers: 1,
  retries: 0,
  timeout: 45_000,
  expect: { timeout: 8_000 },
  reporter: process.env.DRIMBO_REPORT
    ? [['line'], ['json', { outputFile: resolve(root, process.env.DRIMBO_REPORT) }]]
    : [['list']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    // Tracing costs a fifth of the time; a failure is looked at by running its story alone.
    trace: process.env.DRIMBO_REPORT ? 'off' : 'retain-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node server/dist/main.js --demo --reset',
    cwd: root,
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    timeout: 60_000,
    env: { DRIMBO_PORT: String(port), DRIMBO_DATA: process.env.DRIMBO_TEST_DATA },
  },
});
