import { documentWays, way, ways } from './index';

test('a way puts its names and its query where they belong', () => {
  expect(ways.clientFile({ id: 'ada/..' })).toEqual({
    method: 'GET',
    path: '/clients/ada%2F../file',
    body: undefined,
  });
  expect(
    ways.sessionsListed({ query: { page: 2, sort: '-title', search: 'a & b', status: null } }).path,
  ).toBe('/sessions?page=2&sort=-title&search=a%20%26%20b');
  expect(ways.removeFloorSet({ id: 's', set: 'x' }).path).toBe('/floor/s/sets/x');
  const body = { revision: 3, document: {} as never };
  expect(documentWays('kit').change({ id: 'hall', body })).toEqual({
    method: 'PUT',
    path: '/kits/hall',
    body,
  });
  expect(documentWays('client').remove({ id: 'c', query: { revision: 2, along: true } }).path).toBe(
    '/clients/c?revision=2&along=true',
  );
  expect(way<string>()('GET', '/a/:b').path).toBe('/a/:b');
});
