import type { BlockAppraisal, DaySheet, LineSheet } from '@drimbo/core/block';
import { massText, type MassUnit } from '@drimbo/core/units';
import { format, parseISO } from 'date-fns';

/** "Tue 1 Dec": a plain day, the same in every time zone. */
export const dayWords = (date: string): string => format(parseISO(date), 'EEE d MMM');
export const shortDay = (date: string): string => format(parseISO(date), 'd MMM');

/** Every day of a block as it is drawn, by its number. */
export const sheetsOf = (appraisal: BlockAppraisal): ReadonlyMap<number, DaySheet> =>
  new Map(appraisal.weeks.flatMap((w) => w.days.map((d) => [d.placed.day, d] as const)));

export const setsIn = (sheet: DaySheet): number => sheet.lines.reduce((n, l) => n + l.count, 0);

export const loadWords = (line: LineSheet, unit: MassUnit): string =>
  line.kg === null ? 'found in the first set' : `${massText(line.kg, unit)}${line.perHand}`;

/** The load a day leads with: its first movement that has one. */
export const topLoad = (sheet: DaySheet, unit: MassUnit): string => {
  const lead = sheet.lines.find((l) => l.kg !== null && l.kg > 0);
  return lead ? massText(lead.kg!, unit) : '';
};

const stateWords = { planned: '', done: ', done', 'left out': ', left out' };

/**
 * A day in one sentence, for those who hear the page: first what is to be read on it (`shown`), so that who says what
 * they see presses it, then the rest.
 */
export function dayLabel(
  shown: readonly string[],
  date: string,
  sheet: DaySheet | undefined,
  isLight: boolean,
): string {
  const seen = shown.filter((word) => word.trim() !== '').join(' ');
  if (!sheet) return `${seen}, ${dayWords(date)}`;
  const parts = [
    `${seen}, ${dayWords(date)}${stateWords[sheet.placed.state]}`,
    ...(sheet.isShort
      ? [sheet.title]
      : sheet.isMissing
        ? ['no session yet']
        : [`${sheet.title}, ${setsIn(sheet)} sets`]),
    `${sheet.difficulty.name} day`,
    ...(isLight ? ['lighter'] : []),
  ];
  return parts.join('; ');
}
