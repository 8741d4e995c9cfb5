import { loadText } from '@drimbo/core/formats';
import { type MeasuredLine, setsCounted, standingOf } from '@drimbo/core/measure';
import type { School } from '@drimbo/core/schools';
import { massFigure, type MassUnit } from '@drimbo/core/units';

/** What the cell shows for the loads of a line, without the unit's repeats. */
export function loadCell(m: MeasuredLine, unit: MassUnit): string {
  if (m.sets.length > 0 && m.movement.load.kind === 'external' && m.sets.every((s) => s.kg !== null)) {
    const figures = m.sets.map((s) => massFigure(s.kg!, unit));
    return figures.every((f) => f === figures[0]) ? loadText(m, unit) : figures.join(', ');
  }
  return loadText(m, unit) || '—';
}

/** How many repetitions are expected of each set, or why none are. */
export function expected(m: MeasuredLine): string {
  const hand = m.sets.some((s) => s.byHand) ? 'by hand, ' : '';
  if (m.calibrate) return 'first set finds it';
  const reps = m.sets.map((s) => s.expectedReps);
  if (reps.length === 0 || reps.some((r) => r === null)) return hand ? 'by hand' : '';
  return `${hand}≈ ${reps.join(' ')} reps`;
}

/** What would be loaded today where the session was handed over with another load; empty where it is the same. */
export function todayText(m: MeasuredLine, unit: MassUnit): string {
  const figures = m.sets.map((s) => massFigure(s.todayKg ?? s.kg ?? 0, unit));
  if (m.sets.every((s) => s.todayKg === null)) return '';
  return `today ${[...new Set(figures)].length === 1 ? figures[0] : figures.join(', ')}`;
}

/** "2 of 3 count", with why the others do not; empty where all are what they were meant to be. */
export function standingText(m: MeasuredLine, school: School): string {
  const standings = m.sets.filter((s) => s.target.stage === 0).map((s) => standingOf(s, school));
  const easy = standings.filter((s) => s === 'easy').length;
  const short = standings.filter((s) => s === 'short').length;
  const said = [...(easy > 0 ? [`${easy} easy`] : []), ...(short > 0 ? [`${short} short`] : [])];
  const { prescribed, counted } = setsCounted(m, school);
  if (said.length === 0) return '';
  const figure = (n: number): string => String(Number(n.toFixed(1)));
  return `${said.join(', ')}: ${figure(counted)} of ${figure(prescribed)} count`;
}
