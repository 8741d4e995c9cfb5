import { screen } from '@testing-library/react';
import type { UserEvent } from '@testing-library/user-event';

/** The select of this name; its button says the value and then the name. */
export const selectOf = (label: string): HTMLButtonElement =>
  screen.getByRole<HTMLButtonElement>('button', { name: (name) => name.endsWith(` ${label}`) });

/** What a select shows as chosen. */
export const chosenIn = (label: string): string => selectOf(label).textContent;

/** Takes an option of the select of this name, as a person does: opens it and presses the words. */
export async function choose(user: UserEvent, label: string, option: string): Promise<void> {
  await user.click(selectOf(label));
  await user.click(await screen.findByRole('option', { name: option }));
}

/** What a select offers. */
export async function offeredIn(user: UserEvent, label: string): Promise<string[]> {
  await user.click(selectOf(label));
  const found = (await screen.findAllByRole('option')).map((o) => o.textContent);
  await user.keyboard('{Escape}');
  return found;
}

/** Finds one of many in a combo box by typing its name. */
export async function find(user: UserEvent, label: string, option: string): Promise<void> {
  const box = screen.getByRole('combobox', { name: label });
  await user.clear(box);
  await user.type(box, option);
  await user.click(screen.getByRole('option', { name: option }));
}
