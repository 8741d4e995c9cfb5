import { HOLDING } from '../../mechanics/activity';
import { disturbed } from '../../mechanics/muscles/disturbed';
import { Asked } from './asked';
import { levelNames, levels, levelSeen } from './levels';
import { order } from './order';
import { people } from './people';
import { trends } from './trends';
import { ASKED, fallen, meanShare, perCent, short, tally, type Told, type Truth } from './truth';

const TIMES = 40;

const kinds: [string, Truth[]][] = [
  ['Levels against published activity', levels],
  ['Ordinal truths', order],
  ['Trends', trends],
];

/** What holds only as long as the back holds the upper arm for next to nothing: no finding of the model's. */
function leaning(everybody: readonly Asked[]): Told[] {
  const truths = kinds.flatMap(([, all]) => all);
  const plain = everybody.map(({ person }) => new Asked(person, { holdersCost: 'as elsewhere' }));
  const before = tally(truths, everybody);
  return tally(truths, plain).filter((t, i) => perCent(t) < perCent(before[i]!) - 1);
}

const row = (t: Told, more = ''): string => `${perCent(t).toFixed(1).padStart(6)} %  ${t.name}${more}`;

/** Prints the tables; false where something has fallen below what was reached. */
export function printTruths(count: number, moved: boolean): boolean {
  const bodies = people(count);
  const everybody = bodies.flatMap((person) =>
    moved ? disturbed(TIMES, 7).map((lines) => new Asked(person, { lines })) : [new Asked(person)],
  );
  const leans = leaning(bodies.map((person) => new Asked(person)));
  const isLeaning = new Set(leans.map((t) => t.name));
  let sound = true;
  for (const [title, truths] of kinds) {
    const all = tally(truths, everybody);
    const below = moved || count !== 200 ? fallen(all.filter((t) => t.floor === ASKED)) : fallen(all);
    const told = all.filter((t) => !isLeaning.has(t.name));
    console.log(
      `\n${title}: asked of everybody; ${told.length - short(told).length} of ${told.length} hold in all, mean ${meanShare(told).toFixed(1)} %`,
    );
    for (const t of told)
      console.log(row(t, below.includes(t) ? '   FALLEN' : short([t]).length > 0 ? '   short' : ''));
    if (!moved && below.length > 0) sound = false;
  }
  console.log(
    `\nOnly while the back holds the upper arm of elbow work at ${HOLDING} of its price (share without)`,
  );
  for (const t of leans) console.log(row(t));
  console.log('\nLevels seen: 5 %, median, 95 %');
  for (const name of levelNames) {
    const seen = everybody.map((who) => levelSeen(name, who)).sort((a, b) => a - b);
    const at = (share: number): string => seen[Math.round(share * (seen.length - 1))]!.toFixed(2);
    console.log(`  ${name.padEnd(46)} ${at(0.05)} ${at(0.5)} ${at(0.95)}`);
  }
  return sound;
}
