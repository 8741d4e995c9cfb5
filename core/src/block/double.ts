import { choicesOf } from '../loads';
import type { Measured, MeasuredLine } from '../measure';
import { applyEdit, type Line, moduleOf, type Session } from '../session';

/** Loads of the lines of one session as double progression carries them from day to day. */
export type Carried = Map<string, { movement: string; kg: number }>;

/** True for a line whose sets share one load. */
export const sharesOneLoad = (line: Line): boolean =>
  line.percentOf === undefined &&
  line.loads !== 'down' &&
  line.hung === undefined &&
  moduleOf(line.scheme).oneLoad;

/** And nobody fixed it. */
const carries = (line: Line): boolean => line.loadKg === null && sharesOneLoad(line);

/** The session with the loads that were carried to it. */
export function withCarried(session: Session, carried: Carried): Session {
  if (carried.size === 0) return session;
  return applyEdit(session, {
    do: 'all',
    edits: session.blocks.flatMap((b) =>
      b.lines.flatMap((line) => {
        const known = carried.get(line.id);
        return known && known.movement === line.movement && carries(line)
          ? [{ do: 'line' as const, line: line.id, patch: { loadKg: known.kg } }]
          : [];
      }),
    ),
  });
}

/** What a day leads to: the load of a line goes up where every set reaches the top, down where one falls out below. */
export type Verdict = 'up' | 'hold' | 'down' | 'rack ends';

/**
 * Double progression on the loads of this kit: all sets at the top of their range with their reserve kept → the next
 * load there is; one below the bottom → the one before; else the same load and more reps. Common practice.
 * `planned`: the session before loads were carried to it.
 */
export function carryOn(measured: Measured, planned: Session, carried: Carried): Map<string, Verdict> {
  const verdicts = new Map<string, Verdict>();
  const lines = new Map(planned.blocks.flatMap((b) => b.lines).map((l) => [l.id, l]));
  for (const m of measured.lines) {
    const line = lines.get(m.id);
    if (!line || !carries(line)) continue;
    const verdict = judged(m, measured, carried);
    if (verdict) verdicts.set(m.id, verdict);
  }
  return verdicts;
}

function judged(m: MeasuredLine, { context }: Measured, carried: Carried): Verdict | null {
  const { sets } = m;
  const kg = sets[0]?.kg ?? null;
  const known = sets.length > 0 && sets.every((s) => s.kg === kg && s.expectedReps !== null);
  if (kg === null || !known) return null;
  const carry = (to: number): void => void carried.set(m.id, { movement: m.line.movement, kg: to });
  const choices = (choicesOf(context.kit, m.movement) ?? []).map((c) => c.kg).sort((a, b) => a - b);
  carry(kg);
  if (sets.every((s) => s.target.open !== true && s.expectedReps! >= s.target.reps.hi)) {
    const next = choices.find((c) => c > kg + 1e-6);
    if (next === undefined) return choices.length > 1 ? 'rack ends' : 'hold';
    carry(next);
    return 'up';
  }
  const before = choices.filter((c) => c < kg - 1e-6).at(-1);
  if (
    before !== undefined &&
    sets.some((s) => s.target.open !== true && s.expectedReps! < s.target.reps.lo)
  ) {
    carry(before);
    return 'down';
  }
  return 'hold';
}
