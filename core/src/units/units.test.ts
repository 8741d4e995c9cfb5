import { KG_PER_LB, kgFromLb, massFigure, massText, roughMass } from './mass';
import { daysBetween } from './dates';
import { clockText, durationWords, parseDuration } from './time';

test('the pound is exact (international avoirdupois pound)', () => {
  expect(KG_PER_LB).toBe(0.45359237);
  expect(kgFromLb(45)).toBeCloseTo(20.41165665, 10);
});

test('masses are written without idle zeros and in the wanted unit', () => {
  expect(massFigure(22.5, 'kg')).toBe('22.5');
  expect(massFigure(20, 'kg')).toBe('20');
  expect(massText(kgFromLb(45), 'lb')).toBe('45 lb');
});

test.each([
  ['90', 90],
  ['1:45', 105],
  ['2 min', 120],
  ["2'", 120],
  ['45s', 45],
  ['3', 180],
  ['soon', null],
])('the duration %p reads as %p seconds', (text, seconds) => expect(parseDuration(text)).toBe(seconds));

test('durations are written for a screen and for a sheet', () => {
  expect(clockText(105)).toBe('1:45');
  expect(durationWords(150)).toBe('2 min 30 s');
});

test('days between dates', () => expect(daysBetween('2026-02-27', '2026-03-01')).toBe(2));

test('a computed mass is rounded in the unit it is said in', () => {
  expect(roughMass(kgFromLb(225), 'lb')).toBe('225 lb');
  expect(roughMass(101.34, 'kg')).toBe('101.3 kg');
  expect(roughMass(kgFromLb(99.6), 'lb', 0)).toBe('100 lb');
});
