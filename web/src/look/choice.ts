import type { ThemeName } from './tokens';

/** Light, dark, or whichever the machine is set to. */
export type ThemeChoice = ThemeName | 'system';

const KEY = 'drimbo.theme';

export function chosenTheme(): ThemeChoice {
  const kept = localStorage.getItem(KEY);
  return kept === 'light' || kept === 'dark' ? kept : 'system';
}

/** Sets the page to the theme that was chosen on this device. */
export function applyChosenTheme(): void {
  const choice = chosenTheme();
  if (choice === 'system') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = choice;
}

export function chooseTheme(choice: ThemeChoice): void {
  if (choice === 'system') localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, choice);
  applyChosenTheme();
}
