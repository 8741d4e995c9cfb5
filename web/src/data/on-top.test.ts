import { ApiError } from './api';
import { onTop } from './on-top';

const stale = new ApiError(409, 'stale', 'changed elsewhere');

/** A document others change as well: every write up to the `busy`th meets another's. */
function shared(busy: number) {
  let held = { revision: 1, text: 'a' };
  let writes = 0;
  return {
    read: () => Promise.resolve(held),
    add: (letter: string) => (current: typeof held) => {
      writes += 1;
      if (writes <= busy) held = { revision: held.revision + 1, text: `${held.text}${writes}` };
      if (current.revision !== held.revision) return Promise.reject(stale);
      held = { revision: held.revision + 1, text: current.text + letter };
      return Promise.resolve(held);
    },
    writes: () => writes,
  };
}

test('a change is made on top of what others wrote meanwhile, and nothing of theirs is lost', async () => {
  const there = shared(2);
  expect(await onTop(there.read, there.add('z'))).toEqual({ revision: 4, text: 'a12z' });
  expect(there.writes()).toBe(3);
});

test('it is given up after four, and at once where the server says something else', async () => {
  const there = shared(9);
  await expect(onTop(there.read, there.add('z'))).rejects.toBe(stale);
  expect(there.writes()).toBe(4);
  const gone = new ApiError(404, 'not-found', 'gone');
  let asked = 0;
  const refuse = (): Promise<never> => {
    asked += 1;
    return Promise.reject(gone);
  };
  await expect(onTop(there.read, refuse)).rejects.toBe(gone);
  expect(asked).toBe(1);
});
