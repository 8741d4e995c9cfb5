const STEM = 'drimbo.tab.';

let live: ReadonlySet<string> | null = null;

/** Says that this tab is open, for as long as it is; the browser takes it back when the tab is closed or dies. */
export function holdTab(id: string): void {
  void navigator.locks?.request(STEM + id, () => new Promise(() => undefined));
}

/** Asks which tabs are open now. Nothing is known where the browser cannot tell. */
export async function askLiveTabs(): Promise<void> {
  const held = await navigator.locks?.query().catch(() => null);
  live = held
    ? new Set(held.held?.flatMap(({ name }) => (name?.startsWith(STEM) ? [name.slice(STEM.length)] : [])))
    : null;
}

/** Whether the tab is open; null where that is not known. */
export const isTabLive = (id: string): boolean | null => (live ? live.has(id) : null);
