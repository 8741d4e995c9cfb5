import { isWork, setsShared } from '../choosing';
import { nearestLoad } from '../kit';
import { choicesOf } from '../loads';
import type { Measured, MeasuredLine } from '../measure';
import {
  applyEdit,
  type Edit,
  homesOf,
  type Line,
  type Session,
  setCountOf,
  turnedInto,
  withSetCount,
} from '../session';
import { lighterSets, setModelTable } from '../set-model';
import { clamp } from '../units';
import type { Phase, Rotation, TrainingBlock, WeekRule } from './document';

const plainly = (line: Line): Line['scheme'] =>
  line.scheme.kind === 'hold' || line.scheme.kind === 'straight'
    ? line.scheme
    : turnedInto(line.scheme, 'straight');

const { reserve: MORE_LEFT, most: AT_MOST } = setModelTable.lighterWeek;

/**
 * A line of a lighter week: fewer sets with more left, said once; its load follows from that. One of the coach's own
 * comes down with it.
 */
function lighter(m: MeasuredLine, kit: Measured['context']['kit']): Partial<Line> {
  const loads = choicesOf(kit, m.movement);
  const own = m.line.loadKg === null ? null : (m.sets[0]?.kg ?? null);
  return {
    scheme: withSetCount(plainly(m.line), lighterSets(setCountOf(m.line.scheme))),
    loadKg: own === null || !loads || loads.length === 0 ? null : nearestLoad(loads, own * AT_MOST).load.kg,
    percentOf: undefined,
    squeezeS: undefined,
    reserve: {
      first: clamp(m.line.reserve.first + MORE_LEFT, 0, 8),
      last: clamp(m.line.reserve.last + MORE_LEFT, 0, 8),
    },
  };
}

/** Reps where the phase is at home, for lines of plain sets: the first heavy lift and the others. */
function atHome(session: Session, phase: Phase, compound: (line: Line) => boolean): Edit[] {
  if (phase.reps === 'as written') return [];
  const home = homesOf[phase.aim];
  let isFirst = true;
  return session.blocks
    .flatMap((b) => b.lines)
    .flatMap((line): Edit[] => {
      const heavy = isFirst && compound(line);
      if (heavy) isFirst = false;
      if (line.scheme.kind !== 'straight') return [];
      const { lo, hi } = heavy ? home.first : home.others;
      const { reps } = line.scheme;
      if (reps.lo >= lo && reps.hi <= hi) return [];
      const width = reps.hi - reps.lo;
      const from = clamp(reps.lo, lo, Math.max(lo, hi - width));
      return [
        {
          do: 'line',
          line: line.id,
          patch: {
            scheme: { ...line.scheme, reps: { lo: from, hi: Math.min(hi, from + width) } },
            loadKg: null,
          },
        },
      ];
    });
}

/** The rotation each line is in by a week: the last that began, if it has not ended. */
export function rotationsBy(block: TrainingBlock, session: string, week: number): Map<string, Rotation> {
  const now = new Map<string, Rotation>();
  for (const r of [...block.rotations].sort((a, b) => a.fromWeek - b.fromWeek))
    if (r.session === session && r.fromWeek <= week)
      if (r.backIn === null || week < r.backIn) now.set(r.line, r);
      else now.delete(r.line);
  return now;
}

/** What is done to a session before its sets are counted: movements that were changed, reps of the phase. */
export function dressedFor(
  session: Session,
  rotations: ReadonlyMap<string, Rotation>,
  phase: Phase,
  compound: (line: Line) => boolean,
): Session {
  const turned: Edit[] = [...rotations.values()].map(({ line, movement, own, rig }) => ({
    do: 'line',
    line,
    patch: { movement, own, rig, pins: undefined, hung: undefined, loadKg: null, cues: null },
  }));
  const after = applyEdit(session, { do: 'all', edits: turned });
  return applyEdit(after, { do: 'all', edits: atHome(after, phase, compound) });
}

/**
 * What a week asks of a session that has been measured without it: sets added or left out, other reserves, less of
 * it in a lighter week, whatever else that week says.
 */
export function asked(
  measured: Measured,
  rule: WeekRule,
  ladder: (line: string) => number | null,
  light: boolean,
): Session {
  const isLight = rule.light || light;
  const added = isLight ? new Map<string, number>() : setsShared(measured, rule.sets);
  const edits = measured.lines.flatMap((m): Edit[] => {
    if (!isWork(m)) return [];
    const sets = ladder(m.id) ?? setCountOf(m.line.scheme) + (added.get(m.id) ?? 0);
    const reserve = {
      first: clamp(m.line.reserve.first + rule.reserve, 0, 8),
      last: clamp(m.line.reserve.last + rule.reserve, 0, 8),
    };
    const patch: Partial<Line> = {
      ...(sets === setCountOf(m.line.scheme) ? {} : { scheme: withSetCount(m.line.scheme, sets) }),
      ...(rule.reserve === 0 ? {} : { reserve }),
      ...(isLight ? lighter(m, measured.context.kit) : {}),
    };
    return Object.keys(patch).length > 0 ? [{ do: 'line', line: m.id, patch }] : [];
  });
  return edits.length === 0 ? measured.session : applyEdit(measured.session, { do: 'all', edits });
}

/** A measured session as a lighter week asks for it. */
export const lightOf = (measured: Measured): Session =>
  asked(measured, { sets: 0, reserve: 0, light: true }, () => null, true);
