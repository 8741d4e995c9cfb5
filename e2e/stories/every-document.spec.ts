import { makeSession } from '../desk';
import { expect, startHouse, test, type Page } from '../house';

interface Kind {
  kind: string;
  /** Where it is edited, and the field whose text is changed. */
  path: (id: string) => string;
  api: (id: string) => string;
  field: string;
  key: string;
  /** Another field that is changed in the other tab, through the API. */
  other: Record<string, unknown>;
  make: (page: Page, id: string) => Promise<string>;
}

const copyOf =
  (api: string, from: string) =>
  async (page: Page, id: string): Promise<string> => {
    const { document } = await (await page.request.get(`/api/${api}/${from}`)).json();
    const answer = await page.request.post(`/api/${api}`, { data: { id, document } });
    expect(answer.status()).toBe(201);
    return id;
  };

const kinds: Kind[] = [
  {
    kind: 'session',
    path: (id) => `/sessions/${id}`,
    api: (id) => `/api/sessions/${id}`,
    field: 'Title of the session',
    key: 'title',
    other: { minutes: 95 },
    make: (page, id) => makeSession(page, 'mirelle-vandoorn', id, 'mirelle-push-a'),
  },
  {
    kind: 'client',
    path: (id) => `/clients/${id}`,
    api: (id) => `/api/clients/${id}`,
    field: 'Name',
    key: 'name',
    other: { minutes: 95 },
    make: copyOf('clients', 'corvin-haldt'),
  },
  {
    kind: 'kit',
    path: (id) => `/kit/${id}`,
    api: (id) => `/api/kits/${id}`,
    field: 'Name',
    key: 'name',
    other: { dipBelt: false },
    make: copyOf('kits', 'boathouse'),
  },
];

const stored = async (page: Page, path: string) => (await page.request.get(path)).json();
const rewrite = async (page: Page, path: string, patch: Record<string, unknown>): Promise<void> => {
  const { revision, document } = await stored(page, path);
  const answer = await page.request.put(path, { data: { revision, document: { ...document, ...patch } } });
  expect(answer.status()).toBe(200);
};
const write = async (page: Page, field: string, text: string): Promise<void> => {
  const box = page.getByLabel(field, { exact: true });
  await box.fill(text);
  await box.press('Tab');
};
const says = (page: Page) => page.getByTestId('save-state');

for (const { kind, path, api, field, key, other, make } of kinds) {
  test(`a ${kind} changed in two places, and one that meets a failing server: nothing of it is lost`, async ({
    page,
  }) => {
    const id = await make(page, `two-places-${kind}`);
    await page.goto(path(id));
    await expect(page.getByLabel(field, { exact: true })).toBeVisible();
    await rewrite(page, api(id), other);
    await write(page, field, 'Written here');
    await expect(says(page)).toHaveText('Saved');
    expect((await stored(page, api(id))).document).toMatchObject({ ...other, [key]: 'Written here' });

    await rewrite(page, api(id), { [key]: 'Written there' });
    await write(page, field, 'Written here again');
    const question = page.getByTestId('conflict');
    await expect(question).toContainText('Nothing is lost');
    await expect(question.getByRole('radiogroup')).toHaveCount(1);
    await expect(question.getByRole('radio', { name: 'here: Written here again' })).toBeChecked();
    await question.getByRole('radio', { name: 'there: Written there' }).press('Space');
    await question.getByRole('button', { name: 'Save it as chosen' }).click();
    await expect(question).toHaveCount(0);
    await expect(page.getByLabel(field, { exact: true })).toHaveValue('Written there');
    expect((await stored(page, api(id))).document[key]).toBe('Written there');

    // A server that fails: it is kept, and goes when there is an answer again.
    await page.route(`**${api(id)}`, (route) =>
      route.request().method() === 'PUT'
        ? route.fulfill({
            status: 500,
            json: { error: { code: 'internal', message: 'Something went wrong.' } },
          })
        : route.continue(),
    );
    await write(page, field, 'Through thick and thin');
    await expect(page.getByText(/Kept on this device/).first()).toBeVisible();
    await page.unrouteAll();
    await expect(says(page)).toHaveText('Saved');
    expect((await stored(page, api(id))).document[key]).toBe('Through thick and thin');
  });
}

test('the server dies, the tabs are closed: what was written is there when both are back', async ({
  browser,
}) => {
  const house = await startHouse();
  const port = new URL(house.address).port;
  const context = await browser.newContext({ baseURL: house.address });
  const ids = { session: 'mirelle-push-a', client: 'corvin-haldt', kit: 'boathouse' } as Record<
    string,
    string
  >;
  const tabs = new Map<string, Page>();
  for (const { kind, path, field } of kinds) {
    const tab = await context.newPage();
    await tab.goto(path(ids[kind]!));
    await expect(tab.getByLabel(field, { exact: true })).toBeVisible();
    tabs.set(kind, tab);
  }
  await house.kill();
  for (const { kind, field } of kinds) {
    const tab = tabs.get(kind)!;
    await write(tab, field, `Outlives it, ${kind}`);
    await expect(tab.getByText(/Kept on this device/).first()).toBeVisible();
  }
  for (const tab of tabs.values()) await tab.close();
  const again = await startHouse(house.folder, port);
  const next = await context.newPage();
  // A tab that is gone is told from one that is slow after five seconds.
  await next.waitForTimeout(5_200);
  for (const { kind, path, api, field, key } of kinds) {
    await next.goto(path(ids[kind]!));
    await expect(next.getByLabel(field, { exact: true })).toHaveValue(`Outlives it, ${kind}`);
    await expect(says(next)).toHaveText('Saved');
    expect((await stored(next, api(ids[kind]!))).document[key]).toBe(`Outlives it, ${kind}`);
  }
  await context.close();
  await again.stop();
});

test('the notebook outlives a failing server and a closed tab, and two tabs change it without a question', async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  const notebook = async (): Promise<{ hidden: string[] }> =>
    (await stored(other, '/api/notebooks/coach')).document;
  const before = (await notebook()).hidden;
  const hide = async (tab: Page, id: string): Promise<void> => {
    await tab.goto(`/movements/${id}`);
    await tab.getByRole('button', { name: 'Hide' }).click();
  };
  await context.route('**/api/notebooks/coach', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  );
  await hide(page, 'push-up');
  await expect(page.getByText(/^Your notebook: Kept on this device/)).toBeVisible();
  await page.close();
  await context.unrouteAll();
  await hide(other, 'dumbbell-fly');
  await expect.poll(async () => (await notebook()).hidden).toContain('dumbbell-fly');
  // A tab that is gone is told from one that is slow after five seconds.
  await other.waitForTimeout(5_200);
  await other.goto('/movements');
  await expect
    .poll(async () => [...(await notebook()).hidden].sort())
    .toEqual([...before, 'dumbbell-fly', 'push-up'].sort());
  // Other stories of this house find the catalogue as it was.
  await rewrite(other, '/api/notebooks/coach', { hidden: before });
});
