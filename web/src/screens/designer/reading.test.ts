import { readLoads, readBetween } from './reading';

test.each([
  ['24', { loadKg: 24 }],
  ['24 kg each', { loadKg: 24 }],
  ['6.25, 6.25, 5', { loadKg: [6.25, 6.25, 5] }],
  ['auto', { loadKg: null }],
  ['', { loadKg: null }],
  ['heavy', null],
  ['-5', null],
  ['55 lb', { loadKg: 24.948 }],
  ['50, 55 lbs each', { loadKg: [22.68, 24.948] }],
  ['20 kg, 45 lb', null],
  ['900', null],
])('the load cell reads %p', (text, read) => expect(readLoads(text, 'kg')).toEqual(read));

test('loads typed in pounds are kept in kilograms, and a unit that is said counts before the usual one', () => {
  expect(readLoads('45', 'lb')).toEqual({ loadKg: 20.412 });
  expect(readLoads('20 kg', 'lb')).toEqual({ loadKg: 20 });
});

test.each([
  ['10', 10],
  ['15 s', 15],
  ['at once', 0],
  ['0', 0],
  ['1:30', 90],
  ['200', null],
  ['later', null],
])('the time within a pair reads %p', (text, seconds) => expect(readBetween(text)).toBe(seconds));
