import { byName, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { distancesIn } from '../measure';
import { clockTable, walkSeconds, warmupSeconds } from './timeline';

const cases = [soundCase, ...randomCases(12), ...ruleCases.filter((_, i) => i % 9 === 0)];

test('every event of every session is when it was', () => {
  expectPinned(import.meta.dirname, 'clock', {
    table: clockTable,
    ...byName(cases, ({ session, context }, { timeline }) => [
      timeline.totalS,
      timeline.events.map((e) => Object.values(e).join(' ')),
      session.warmup.map(warmupSeconds),
      [
        [null, 'bench'],
        ['bench', 'cable'],
        ['bench', 'bench'],
        ['dumbbells', 'bench'],
      ].map(([from, to]) => [
        walkSeconds(distancesIn(context), from!, to!),
        walkSeconds(distancesIn(context), from!, to!, true),
      ]),
    ]),
  });
});

test('and of many sessions', () => {
  pinMany(import.meta.dirname, [...randomCases(150), ...ruleCases], ({ session }, { timeline }) => [
    timeline,
    session.warmup.map(warmupSeconds),
  ]);
});
