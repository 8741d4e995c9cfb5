import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { expect, type Page } from '@playwright/test';
import type axeCore from 'axe-core';
import { unlike } from './unlike';

declare global {
  interface Window {
    axe: typeof axeCore;
  }
}

const source = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** What axe finds wrong in a part of the page, each with where. It is brought to a page once: reading it in costs most. */
async function complaints(page: Page, part: string, options: axeCore.RunOptions): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(source);
  return page.evaluate(
    async ([selector, runOptions]) => {
      const { violations } = await window.axe.run({ include: [selector] }, runOptions);
      return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`);
    },
    [part, { ...options, resultTypes: ['violations'] }] as [string, axeCore.RunOptions],
  );
}

/** Text stands out from what it is written on, in the theme the page is in. */
export async function expectContrast(page: Page, part = 'html'): Promise<void> {
  const texts = await unlike(page, part);
  expect(await complaints(page, texts, { runOnly: ['color-contrast'] })).toEqual([]);
}

/**
 * No accessibility violation on the page as it stands, or in one part of it. Contrast, half of the time it takes, is
 * looked at in parts, and on whole pages where `screens.spec.ts` asks for it: there each is seen in both themes.
 */
export async function expectAxeClean(page: Page, part = 'html', isThorough = part !== 'html'): Promise<void> {
  const found = await complaints(page, part, {
    runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'],
    rules: { 'color-contrast': { enabled: false } },
  });
  expect(found).toEqual([]);
  if (isThorough) await expectContrast(page, part);
}
