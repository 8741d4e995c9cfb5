import { useEffect, useRef } from 'react';
import type { Designer } from '../../state/use-designer';
import { isTyping, lineAct, nameOf } from './keys';

/** What Enter presses; and where arrows, letters and Delete have a meaning of their own. */
const PRESSED = 'a, button, summary, [role="button"], [role="tab"], [role="slider"], [role="switch"]';
const OWN_KEYS =
  '[role="dialog"], [role="alertdialog"], [role="menu"], [role="listbox"], [role="grid"], [role="spinbutton"]';

/** A field with something typed in it undoes its own typing; one that was only entered leaves that to the session. */
const isBeingTyped = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  isTyping(target) &&
  (target as HTMLInputElement).value !== '' &&
  (target.dataset['cell'] === undefined || target.dataset['cell'] === 'typed');

/**
 * The keys of the designer, whatever has the focus except a field or something that floats; and the focus itself,
 * which goes back to the chosen movement, or to `rest`, when what had it is gone.
 */
export function useDesignerKeys(
  designer: Designer,
  others: Record<string, () => void>,
  rest: () => HTMLElement | null,
): void {
  const now = useRef({ designer, others, rest });
  useEffect(() => {
    now.current = { designer, others, rest };
  });
  useEffect(() => {
    const keys = (e: KeyboardEvent): void => {
      const { designer: d, others: more } = now.current;
      if (e.defaultPrevented) return;
      if ((e.ctrlKey || e.metaKey) && !e.altKey && e.key.toLowerCase() === 'z') {
        if (isBeingTyped(e.target)) return;
        e.preventDefault();
        if (e.shiftKey) d.redo();
        else d.undo();
        return;
      }
      if (e.ctrlKey || e.metaKey || isTyping(e.target)) return;
      if (e.target instanceof HTMLElement && e.target.closest(OWN_KEYS)) return;
      const other = e.altKey ? undefined : more[e.key.length === 1 ? e.key.toLowerCase() : e.key];
      if (e.key === 'Enter' && e.target instanceof HTMLElement && e.target.closest(PRESSED)) return;
      const m = d.appraisal.lines.find((l) => l.id === d.selected);
      const act = other ?? (m ? lineAct(d, m, e.key, e.altKey) : null);
      if (!act) return;
      e.preventDefault();
      act();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, []);
  useEffect(() => {
    let asked = 0;
    const back = (): void => {
      cancelAnimationFrame(asked);
      asked = requestAnimationFrame(() => {
        if (document.activeElement !== document.body || !document.hasFocus()) return;
        const { designer: d, rest: other } = now.current;
        const to = (d.selected && nameOf(d.selected)) || other();
        to?.focus({ preventScroll: true });
      });
    };
    // What is taken off the page tells nobody that it had the focus.
    const watcher = new MutationObserver(back);
    watcher.observe(document.body, { childList: true, subtree: true });
    window.addEventListener('focusout', back);
    back();
    return () => {
      watcher.disconnect();
      cancelAnimationFrame(asked);
      window.removeEventListener('focusout', back);
    };
  }, []);
}
