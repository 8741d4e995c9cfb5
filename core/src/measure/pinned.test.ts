import { byName, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { bodyOf } from './context';
import { setsCounted, standingOf } from './counting';
import { handingOver } from './handing';
import { workingSets } from './measure';

const cases = [soundCase, ...randomCases(14), ...ruleCases.filter((_, i) => i % 7 === 0)];

test('what is measured of sessions is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'measured',
    byName(cases, ({ session, context }, { lines, timeline, freshness, dose, school }) => [
      bodyOf(context),
      workingSets(session),
      lines.map((m) => [
        m.id,
        m.name,
        m.detail,
        m.voice,
        m.pace,
        m.seconds,
        m.max,
        m.credits,
        setsCounted(m, school),
        m.sets.map((set) => standingOf(set, school)),
      ]),
      timeline.totalS ?? timeline,
      freshness.filter((_, i) => i % 3 === 0),
      dose,
      handingOver({ lines }),
    ]),
  );
});

test('and of many sessions', () => {
  pinMany(
    import.meta.dirname,
    [...randomCases(150), ...ruleCases],
    (_, { lines, timeline, freshness, dose }) => [
      lines.map((m) => [m.id, m.seconds, m.max, m.credits, m.detail]),
      timeline,
      freshness,
      dose,
      handingOver({ lines }),
    ],
  );
});
