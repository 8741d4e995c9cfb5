import { documentKinds } from '@drimbo/core/documents';
import { documentWays, problemCodes, ways, type Way } from '@drimbo/core/contract';
import { everyRoute } from '../testing/routes';

type AnyWay = Pick<Way<unknown, string, never, never>, 'method' | 'path'>;

const addressesOf = (all: object): string[] =>
  (Object.values(all) as AnyWay[]).map(({ method, path }) => `${method} ${path}`);

/** Of a kind of which there is one, what makes and deletes is answered with a refusal: nobody asks it. */
const asked = new Set([
  ...addressesOf(ways),
  ...documentKinds.flatMap((kind) => addressesOf(documentWays(kind))),
]);

test('the server answers every way of the contract, and nothing that is not in it', () => {
  const answered = everyRoute().map(
    ({ method, path }) => `${method.toUpperCase()} ${path.replace('/api', '')}`,
  );
  expect([...asked].filter((address) => !answered.includes(address))).toEqual([]);
  expect([...new Set(answered)].filter((address) => !asked.has(address))).toEqual([]);
});

test('every reason stands once', () => {
  expect(new Set(problemCodes).size).toBe(problemCodes.length);
});
