import type { Page } from '@playwright/test';

const MARK = 'data-one-of-its-kind';

/** Marks the first of every kind of text. Runs in the page. */
function markUnlike({ part, mark }: { part: string; mark: string }): void {
  for (const old of document.querySelectorAll(`[${mark}]`)) old.removeAttribute(mark);
  const numbers = new Map<string, number>();
  const numbered = (key: string): number => {
    if (!numbers.has(key)) numbers.set(key, numbers.size);
    return numbers.get(key)!;
  };
  const known = new Map<Element | null, number>([[null, -1]]);
  /** Two elements look alike on what they stand on when all round them, from the page inwards, is coloured alike. */
  const ground = (e: Element | null): number => {
    if (!known.has(e)) {
      const { backgroundColor, backgroundImage, opacity } = getComputedStyle(e!);
      known.set(
        e,
        numbered(
          [ground(e!.parentElement), e!.className, backgroundColor, backgroundImage, opacity].join('|'),
        ),
      );
    }
    return known.get(e)!;
  };
  const isWritten = (e: Element): boolean =>
    e.matches('input, textarea') ||
    [...e.childNodes].some((n) => n.nodeType === Node.TEXT_NODE && n.textContent!.trim() !== '');
  const seen = new Set<string>();
  const roots = [...document.querySelectorAll(part)];
  for (const e of roots.flatMap((root) => [root, ...root.querySelectorAll('*')])) {
    if (!isWritten(e) || !e.checkVisibility()) continue;
    const { color, fontSize, fontWeight } = getComputedStyle(e);
    // In a drawing what lies behind a text is no ancestor of it: each is looked at.
    const kind = e.closest('svg')
      ? `${seen.size}`
      : [ground(e), e.localName, color, fontSize, fontWeight].join('|');
    if (seen.has(kind)) continue;
    seen.add(kind);
    e.setAttribute(mark, '');
  }
}

/**
 * A selector of one text of every kind in a part of the page: what has the same look and stands on the same ground as
 * another, as the rows of a table do, need not be measured again.
 */
export async function unlike(page: Page, part: string): Promise<string> {
  await page.evaluate(markUnlike, { part, mark: MARK });
  return `[${MARK}]`;
}
