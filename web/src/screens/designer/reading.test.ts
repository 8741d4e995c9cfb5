import type { Fix } from '@drimbo/core/review/model';
import { line, sampleContext, session } from '@drimbo/core/testing/samples';
import { appraise } from '@drimbo/core';
import { readLoads, readBetween } from './reading';
import { effectText } from './review-pane';
import { readWarmupDose, warmupDose } from './warm-up';

test.each([
  ['24', { loadKg: 24 }],
  ['24 kg each', { loadKg: 24 }],
  ['6.25, 6.25, 5', { loadKg: [6.25, 6.25, 5] }],
  ['auto', { loadKg: null }],
  ['', { loadKg: null }],
  ['heavy', null],
  ['-5', null],
  ['900', null],
])('the load cell reads %p', (text, read) => expect(readLoads(text, 'kg')).toEqual(read));

test('loads typed in pounds are kept in kilograms', () => {
  expect(readLoads('45', 'lb')).toEqual({ loadKg: 20.412 });
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

test.each([
  ['2x15', { sets: 2, reps: 15, seconds: null }],
  ['4 min', { sets: 1, reps: null, seconds: 240 }],
  ['2 x 30s', { sets: 2, reps: null, seconds: 30 }],
  ['12', { sets: 1, reps: 12, seconds: null }],
  ['9x10', null],
  ['some', null],
])('a warm-up dose reads %p', (text, dose) => expect(readWarmupDose(text)).toEqual(dose));

test('a warm-up dose reads back what it writes', () => {
  for (const dose of [
    { sets: 2, reps: 15, seconds: null },
    { sets: 1, reps: null, seconds: 240 },
    { sets: 2, reps: null, seconds: 30 },
  ])
    expect(readWarmupDose(warmupDose({ id: 'w', movement: 'easy-cardio', note: '', ...dose }))).toEqual(dose);
});

test('a fix says what it changes, rounded to half minutes', () => {
  const fix = (minutes: number, sets: number): string => effectText({ effect: { minutes, sets } } as Fix);
  expect(fix(-2.6, 0)).toBe('−2.5 min');
  expect(fix(1.9, 1)).toBe('+2 min, +1 set');
  expect(fix(0.1, -2)).toBe('−2 sets');
  expect(fix(0.1, 0)).toBe('same time and sets');
});

test('what the fix of a real finding says is what it does', () => {
  const { findings } = appraise(
    session([line('dumbbell-bench-press'), line('seated-dumbbell-press')]),
    sampleContext,
  );
  const fix = findings.find((f) => f.rule === 'missing-long-head')!.fixes[0]!;
  expect(effectText(fix)).toMatch(/^\+\d+(\.5)? min, \+3 sets$/);
});
