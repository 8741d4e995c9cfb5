import { createOnce } from './create';
import { keptId, newId, once } from './ids';

interface Asked {
  method: string;
  path: string;
  body: { id?: string; document?: unknown; revision?: number };
}

/** A server that keeps documents by their ids and loses the answers it is told to. */
function server(lose: number) {
  const there = new Map<string, { revision: number; document: string }>();
  const asked: Asked[] = [];
  globalThis.fetch = (async (path: string, sent: RequestInit) => {
    const body = JSON.parse(sent.body as string) as Asked['body'];
    asked.push({ method: sent.method!, path, body });
    const answer = (status: number, told: unknown) => {
      if (asked.length <= lose) throw new TypeError('the connection was reset');
      return { ok: status < 400, status, json: async () => told };
    };
    const id = body.id ?? path.split('/').at(-1)!;
    const text = JSON.stringify(body.document);
    const known = there.get(id);
    const stored = { id, revision: known?.revision ?? 1, document: body.document };
    if (sent.method === 'PUT') {
      there.set(id, { revision: 2, document: text });
      return answer(200, { ...stored, revision: 2 });
    }
    if (known && known.document !== text)
      return answer(409, { error: { code: 'taken', message: 'taken' }, current: { ...stored } });
    there.set(id, { revision: known?.revision ?? 1, document: text });
    return answer(201, stored);
  }) as never;
  return { there, asked };
}
const make = (what: string, document: object) => createOnce(what, 'client', document as never);

const fetched = globalThis.fetch;
beforeEach(() => sessionStorage.clear());
afterEach(() => {
  globalThis.fetch = fetched;
});

test('ids are of 129 bits and need no secure address', () => {
  expect(newId('set')).toMatch(/^set-[a-z0-9]{25}$/);
  expect(new Set(Array.from({ length: 1000 }, () => newId('a'))).size).toBe(1000);
});

test('pressed again after a lost answer it is the same document; the next one is another', async () => {
  const { there, asked } = server(1);
  await expect(make('form', { name: 'Ada' })).rejects.toThrow('does not answer');
  const made = await make('form', { name: 'Ada' });
  expect([there.size, asked[0]!.body.id === asked[1]!.body.id, made.id]).toEqual([
    1,
    true,
    asked[0]!.body.id,
  ]);
  await make('form', { name: 'Ada' });
  expect(there.size).toBe(2);
});

test('changed before it is pressed again, what it made is changed and not made twice', async () => {
  const { there, asked } = server(1);
  await expect(make('form', { name: 'Ada' })).rejects.toThrow();
  await make('form', { name: 'Ada B.' });
  expect([there.size, asked.at(-1)!.method]).toEqual([1, 'PUT']);
  expect([...there.values()][0]!.document).toContain('Ada B.');
});

test('what somebody has worked on since stays as it is: another is made', async () => {
  const { there, asked } = server(1);
  await expect(make('form', { name: 'Ada' })).rejects.toThrow();
  there.set(asked[0]!.body.id!, { revision: 2, document: '{"name":"Ada, since"}' });
  const made = await make('form', { name: 'Bea' });
  expect([there.size, made.id === asked[0]!.body.id]).toEqual([2, false]);
  expect(there.get(asked[0]!.body.id!)!.document).toBe('{"name":"Ada, since"}');
});

test('a key holds until an answer came', async () => {
  const keys: string[] = [];
  const send = (isThrough: boolean) => async (key: string) => {
    keys.push(key);
    if (!isThrough) throw new Error('lost');
  };
  await expect(once('copy', 'copy', send(false))).rejects.toThrow('lost');
  await once('copy', 'copy', send(true));
  await once('copy', 'copy', send(true));
  expect([keys[0] === keys[1], keys[1] === keys[2]]).toEqual([true, false]);
  expect(keptId('copy', 'copy')).toBe(keptId('copy', 'copy'));
});
