import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { test as base } from '@playwright/test';

const root = resolve(import.meta.dirname, '..');

/** Where the demo lies that every house begins with (setup.ts): seeded once, then copied. */
export const TEMPLATE = 'DRIMBO_TEMPLATE';

const newFolder = (): string => mkdtempSync(join(tmpdir(), 'drimbo-browser-'));

/** A built server with the demo in a folder of its own. `stop` takes the folder along. */
export async function startHouse(folder = newFolder(), port = '0', more: readonly string[] = []) {
  const template = process.env[TEMPLATE];
  if (template !== undefined && !existsSync(join(folder, 'drimbo.sqlite')))
    cpSync(template, folder, { recursive: true });
  return serve(folder, port, ['--demo', ...more]);
}

/** The same with nothing in it. */
export const startEmptyHouse = () => serve(newFolder(), '0', []);

async function serve(folder: string, port: string, more: readonly string[]) {
  const child = spawn(process.execPath, ['server/dist/main.js', ...more], {
    cwd: root,
    env: { ...process.env, DRIMBO_PORT: port, DRIMBO_HOST: '', DRIMBO_DATA: folder, DRIMBO_WARM: '0' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const address = await new Promise<string>((found, failed) => {
    let said = '';
    child.stdout.on('data', (text) => {
      said += text;
      const url = /http:\/\/[^\s/]+/.exec(said)?.[0];
      if (url) found(url);
    });
    child.once('exit', () => failed(new Error(`The server ended before it listened: ${said}`)));
  });
  const kill = async (): Promise<void> => {
    if (child.exitCode !== null || child.signalCode !== null) return;
    child.kill('SIGKILL');
    await once(child, 'exit');
  };
  /** Ends it as somebody at a keyboard does, everything written. */
  const end = async (): Promise<void> => {
    child.kill('SIGINT');
    await once(child, 'exit');
  };
  const stop = async (): Promise<void> => {
    await kill();
    rmSync(folder, { recursive: true, force: true });
  };
  return { address, folder, kill, end, stop };
}

/** Every worker has a house of its own, so that stories of two files do not meet. */
export const test = base.extend<object, { house: string }>({
  house: [
    // Playwright reads what a fixture needs from the pattern, which must stand here even when empty.
    // oxlint-disable-next-line eslint/no-empty-pattern
    async ({}, use) => {
      const { address, stop } = await startHouse();
      await use(address);
      await stop();
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ house }, use) => use(house),
});

export { expect, type Locator, type Page } from '@playwright/test';
