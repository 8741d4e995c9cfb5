import { byName, measuredOf, randomCases, soundCase } from '../testing/cases';
import { entries } from '../movements';
import { expectPinned } from '../testing/pinned';
import { atOneGo, daysAfter } from '../units';
import { Chance } from './chance';
import { Life, type Lifter } from './lifter';
import { doneWith } from './body';
import { rehearsing } from './rehearse';

test('a simulated set and a rehearsed session go as they did', () => {
  const target = { lo: 8, hi: 10, open: false };
  const all = [0.2, 0.4, 0.55, 0.65, 0.75, 0.85, 1.02].flatMap((share, i) =>
    [0, 1, 3].map((reserve) =>
      doneWith(
        20 * (1.1 - share),
        { ...target, reserve, toFailure: reserve === 0 },
        { share: 0.1, amount: 0.4, sd: 0.8 },
        new Chance(`set ${i} ${reserve}`),
      ),
    ),
  );
  const chance = new Chance('a');
  expectPinned(import.meta.dirname, 'rehearsed', {
    sets: all,
    chance: [chance.next(), chance.normal(2), chance.next(), new Chance(7).next(), new Chance(7).normal(1)],
    ...byName([soundCase, ...randomCases(5)], (_, measured) => atOneGo(rehearsing(measured, 12, 'seed'))),
  });
});

test('a life of training goes as it did', () => {
  const lifter: Lifter = {
    seed: 'somebody',
    benchKg: 110,
    begins: '2026-08-31',
    gain: 0.004,
    form: 0.015,
    judging: 0.5,
    massKg: 80,
    talents: { pushdown: 1.1 },
    sore: { limit: 'shoulder front', from: '2026-09-10', to: '2026-09-20' },
  };
  const life = new Life(lifter);
  const measured = measuredOf(soundCase);
  const dates = [0, 3, 7, 14, 16, 40].map((days) => daysAfter(lifter.begins, days));
  expectPinned(import.meta.dirname, 'life', {
    ...Object.fromEntries(dates.map((date) => [date, life.lift(measured, date)])),
    hidden: entries
      .filter((_, i) => i % 6 === 0)
      .map((e) => [e.id, life.hiddenMax(e.movement, e.rig, daysAfter(lifter.begins, 50))]),
  });
});
