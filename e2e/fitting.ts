import { expect, type Locator, type Page } from '@playwright/test';

/** A phone, a desk at 200 % zoom, a tablet, a desk and a wide desk. */
const widths = [360, 640, 768, 1280, 1920];

/** Things to press that lie over each other, or under what takes the press, as far as they are in sight. Runs in the page. */
function overlapping(): string[] {
  const pressable = 'a[href], button, input, textarea, [role="slider"], [role="tab"], [role="option"]';
  interface Box {
    e: Element;
    l: number;
    t: number;
    r: number;
    b: number;
  }
  const inSight = (e: Element): Box | null => {
    let { left: l, top: t, right: r, bottom: b } = e.getBoundingClientRect();
    for (let up: Element | null = e; up; up = up.parentElement) {
      const { overflowX, overflowY, position, clipPath } = getComputedStyle(up);
      // What stays in place while the rest scrolls lies over it by design.
      if (position === 'sticky' || position === 'fixed' || clipPath !== 'none') return null;
      if (up === e || (overflowX === 'visible' && overflowY === 'visible')) continue;
      const frame = up.getBoundingClientRect();
      l = Math.max(l, frame.left);
      t = Math.max(t, frame.top);
      r = Math.min(r, frame.right);
      b = Math.min(b, frame.bottom);
    }
    return r - l > 2 && b - t > 2 ? { e, l, t, r, b } : null;
  };
  const boxes = [...document.querySelectorAll(pressable)]
    .filter((e) => e.checkVisibility() && !e.closest('svg') && !e.closest('[aria-hidden="true"]'))
    .flatMap((e) => inSight(e) ?? []);
  const name = (e: Element): string =>
    (e.getAttribute('aria-label') ?? e.textContent ?? '').slice(0, 40) || e.tagName;
  const found: string[] = [];
  const stays = (e: Element | null): boolean =>
    e !== null && (/sticky|fixed/.test(getComputedStyle(e).position) || stays(e.parentElement));
  for (const { e, l, t, r, b } of boxes) {
    const [x, y] = [(l + r) / 2, (t + b) / 2];
    const hit = document.elementFromPoint(x, y);
    // The middle of a link that goes over two lines may be what it stands in.
    const isInline = getComputedStyle(e).display === 'inline' && hit?.contains(e);
    if (!hit || isInline || e.contains(hit) || stays(hit) || hit.closest('label')?.contains(e)) continue;
    found.push(`“${name(e)}” lies under ${hit.tagName.toLowerCase()} “${name(hit)}”`);
  }
  boxes.forEach((a, i) =>
    boxes.slice(i + 1).forEach((b) => {
      if (a.e.contains(b.e) || b.e.contains(a.e) || a.e.closest('label')?.contains(b.e)) return;
      const wide = Math.min(a.r, b.r) - Math.max(a.l, b.l);
      const high = Math.min(a.b, b.b) - Math.max(a.t, b.t);
      if (wide > 2 && high > 2) found.push(`“${name(a.e)}” lies over “${name(b.e)}”`);
    }),
  );
  return found;
}

/** What reaches furthest to the right, the innermost of it, by its words and its edges. Runs in the page. */
function reachingOut(): string {
  const over = [...document.querySelectorAll('body *')]
    .map((e) => ({ e, ...e.getBoundingClientRect().toJSON() }) as { e: Element; left: number; right: number })
    .filter(({ right }) => right > document.documentElement.clientWidth);
  const most = Math.max(0, ...over.map(({ right }) => right));
  const last = over.findLast(({ right }) => right > most - 1);
  if (!last) return 'nothing in sight';
  const { e, left, right } = last;
  return `${e.tagName} “${e.textContent.slice(0, 60)}” from ${left} to ${right}, ${over.length} in all`;
}

/**
 * Narrows and widens a page through all sizes: what scrolls sideways and what to press lies over another, by its words.
 * `ready`: something to be seen when the page is there, for one that has to be opened anew.
 */
export async function misfits(page: Page, ready: () => Locator): Promise<string[]> {
  const found: string[] = [];
  const over = (): Promise<number> =>
    page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  for (const width of widths) {
    await page.setViewportSize({ width, height: 800 });
    // The page is as wide as was asked, and its media queries know it.
    const isWide = (): Promise<boolean> =>
      page.evaluate((px) => matchMedia(`(width: ${px}px)`).matches, width);
    for (let turn = 1; turn < 30 && !(await isWide()); turn++) {
      await page.waitForTimeout(100);
      await page.setViewportSize({ width, height: 800 + (turn % 2) });
    }
    expect(await isWide()).toBe(true);
    // Drawings take their new width a moment after the page.
    for (let turn = 0; turn < 20 && (await over()) > 0; turn++) await page.waitForTimeout(100);
    // Narrowed on a busy machine a page was seen to keep the rules of its old width, its media queries
    // notwithstanding; then what counts is how it opens at this one.
    if ((await over()) > 0) {
      await page.reload();
      await expect(ready()).toBeVisible();
      await page.waitForTimeout(500);
    }
    const left = await over();
    if (left > 0) found.push(`at ${width}: ${left} px too wide, ${await page.evaluate(reachingOut)}`);
    let pairs = await page.evaluate(overlapping);
    // Rows of a long list find their heights a moment after the width is another: what still lies over another then does.
    for (let look = 0; pairs.length > 0 && look < 5; look += 1) {
      await page.waitForTimeout(300);
      pairs = await page.evaluate(overlapping);
    }
    for (const pair of pairs) found.push(`at ${width}: ${pair}`);
  }
  return found;
}
