import { Asked } from './asked';
import { levels } from './levels';
import { order } from './order';
import { people } from './people';
import { trends } from './trends';
import { ASKED, tally, type Truth } from './truth';

/** A small share of the people `npm run truths` asks; what held in everybody has to hold in them. */
const few = people(200)
  .filter((_, i) => i % 40 === 3)
  .map((person) => new Asked(person));

const certain = (truths: readonly Truth[]): Truth[] => truths.filter((t) => (t.floor ?? ASKED) === ASKED);

test.each<[string, readonly Truth[]]>([
  ['levels', levels],
  ['order', order],
  ['trends', trends],
])('%s that held in two hundred people hold in these', (_, truths) => {
  const broken = tally(certain(truths), few).filter((t) => t.held < t.of);
  expect(broken).toEqual([]);
});
