import { expect, type Locator, type Page } from '@playwright/test';

/** A session of its own for a story, made through the API the product uses. */
export async function makeSession(page: Page, client: string, title: string, from?: string): Promise<string> {
  const id = `story-${title.toLowerCase().replace(/[^a-z]+/g, '-')}`.slice(0, 50);
  const source = await (await page.request.get(`/api/sessions/${from ?? 'mirelle-push-a'}`)).json();
  const document = {
    ...source.document,
    clientId: client,
    title,
    ...(from ? {} : { blocks: [], warmup: [], dismissed: [] }),
  };
  const answer = await page.request.post('/api/sessions', { data: { id, document } });
  expect(answer.status()).toBe(201);
  return id;
}

/** A client of its own for a story that logs sets, so that no other story meets them; a copy of one of the demo. */
export async function copyClient(page: Page, from: string, id: string): Promise<string> {
  const { document } = await (await page.request.get(`/api/clients/${from}`)).json();
  const copy = { ...document, name: `A copy for ${id.split('-').at(-1)}` };
  expect((await page.request.post('/api/clients', { data: { id, document: copy } })).ok()).toBe(true);
  return id;
}

export async function openSession(page: Page, id: string): Promise<void> {
  await page.goto(`/sessions/${id}`);
  await expect(page.getByLabel('Title of the session')).toBeVisible();
}

export const addByTyping = async (page: Page, text: string): Promise<void> => {
  const box = page.getByRole('combobox', { name: 'Add a movement by typing' });
  await box.fill(text);
  await box.press('Enter');
  await expect(box).toHaveValue('');
};

/** The select of this name on a page or in a part of it; its button says the value and then the name. */
export const selectOf = (where: Page | Locator, label: string): Locator =>
  where.getByRole('button', { name: new RegExp(` ${label}$`) });

/** Takes an option of a select, as a person does. */
export async function choose(where: Page | Locator, label: string, option: string): Promise<void> {
  await selectOf(where, label).click();
  const page = 'page' in where ? where.page() : where;
  await page.getByRole('option', { name: option, exact: true }).click();
}

/** Finds one of many in a combo box by typing its name. */
export async function find(where: Page | Locator, label: string | RegExp, option: string): Promise<void> {
  await where.getByRole('combobox', { name: label }).fill(option);
  const page = 'page' in where ? where.page() : where;
  await page.getByRole('option', { name: option, exact: true }).click();
}

export const lineNames = (page: Page): Promise<string[]> =>
  page.locator('[data-name] .name').allTextContents();

export const row = (page: Page, name: string): Locator =>
  page.locator('[data-line]').filter({ has: page.getByText(name, { exact: true }) });

export const saved = async (page: Page): Promise<void> =>
  expect(page.getByTestId('save-state')).toHaveText('Saved');

export const storedSession = async (
  page: Page,
  id: string,
): Promise<{
  revision: number;
  document: {
    title: string;
    minutes: number;
    note: string;
    warmup: unknown[];
    blocks: { kind: string; lines: { movement: string }[] }[];
  };
}> => (await page.request.get(`/api/sessions/${id}`)).json();

/** A finding of the review, opened: its reason and its remedies are told. */
export async function opened(finding: Locator): Promise<Locator> {
  const head = finding.locator('button.head');
  if ((await head.getAttribute('aria-expanded')) === 'false') await head.click();
  await expect(head).toHaveAttribute('aria-expanded', 'true');
  return finding;
}

/** Stands in for the printer: how often the sheet was sent to it. */
export const printer = async (page: Page): Promise<void> => {
  await page.addInitScript(() => {
    const told = window as unknown as { printed: number };
    told.printed = 0;
    window.print = () => (told.printed += 1);
  });
};
export const printed = (page: Page): Promise<number> =>
  page.evaluate(() => (window as unknown as { printed: number }).printed);
