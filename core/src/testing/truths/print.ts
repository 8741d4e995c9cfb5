import { disturbed } from '../../mechanics/muscles/disturbed';
import { Asked } from './asked';
import { levelNames, levels, levelSeen } from './levels';
import { order } from './order';
import { people } from './people';
import { trends } from './trends';
import { fallen, meanShare, perCent, tally, type Truth } from './truth';

const TIMES = 40;

const kinds: [string, Truth[]][] = [
  ['Levels against published activity', levels],
  ['Ordinal truths', order],
  ['Trends', trends],
];

/** Prints the tables; false where something has fallen below what was reached. */
export function printTruths(count: number, moved: boolean): boolean {
  const everybody = people(count).flatMap((person) =>
    moved ? disturbed(TIMES, 7).map((set) => new Asked(person, set)) : [new Asked(person)],
  );
  let sound = true;
  for (const [title, truths] of kinds) {
    const told = tally(truths, everybody);
    const whole = told.filter((t) => t.held === t.of).length;
    console.log(`\n${title}: ${whole} of ${told.length} hold in all, mean ${meanShare(told).toFixed(1)} %`);
    const below = moved || count !== 200 ? fallen(told.filter((t) => t.reached === 100)) : fallen(told);
    for (const t of told)
      console.log(
        `${perCent(t).toFixed(1).padStart(6)} %  (reached ${t.reached})  ${t.name}${below.includes(t) ? '   FALLEN' : ''}`,
      );
    if (!moved && below.length > 0) sound = false;
  }
  console.log('\nLevels seen: 5 %, median, 95 %');
  for (const name of levelNames) {
    const seen = everybody.map((who) => levelSeen(name, who)).sort((a, b) => a - b);
    const at = (share: number): string => seen[Math.round(share * (seen.length - 1))]!.toFixed(2);
    console.log(`  ${name.padEnd(46)} ${at(0.05)} ${at(0.5)} ${at(0.95)}`);
  }
  return sound;
}
