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
import { clamp } from '../units';
import type { Phase, Rotation, TrainingBlock, WeekRule } from './document';

/** A lighter week: about half the sets, a tenth off the loads. Common practice. */
export const LIGHT = { sets: 0.5, load: 0.9 } as const;
const plainly = (line: Line): Line['scheme'] =>
  line.scheme.kind === 'hold' || line.scheme.kind === 'straight'
    ? line.scheme
    : turnedInto(line.scheme, 'straight');

function lighter(m: MeasuredLine, kit: Measured['context']['kit'], carriedKg: number | null): Partial<Line> {
  const loads = choicesOf(kit, m.movement);
  const kg = carriedKg ?? m.sets[0]?.kg ?? null;
  return {
    scheme: withSetCount(plainly(m.line), Math.ceil(setCountOf(m.line.scheme) * LIGHT.sets)),
    loadKg: kg === null || !loads || loads.length === 0 ? null : nearestLoad(loads, kg * LIGHT.load).load.kg,
    percentOf: undefined,
    squeezeS: undefined,
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

/** The rotation each line is in by a week: the last that began. */
export function rotationsBy(block: TrainingBlock, session: string, week: number): Map<string, Rotation> {
  const now = new Map<string, Rotation>();
  for (const r of [...block.rotations].sort((a, b) => a.fromWeek - b.fromWeek))
    if (r.session === session && r.fromWeek <= week) now.set(r.line, r);
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
 * What a week asks of a session that has been measured without it: sets added or left out, other reserves, half of
 * it in a lighter week. `carriedKg`: the load a line has come to by then.
 */
export function asked(
  measured: Measured,
  rule: WeekRule,
  ladder: (line: string) => number | null,
  light: boolean,
  carriedKg: (line: string) => number | null,
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
      ...(isLight ? lighter(m, measured.context.kit, carriedKg(m.id)) : {}),
      ...(rule.reserve === 0 ? {} : { reserve }),
    };
    return Object.keys(patch).length > 0 ? [{ do: 'line', line: m.id, patch }] : [];
  });
  return edits.length === 0 ? measured.session : applyEdit(measured.session, { do: 'all', edits });
}
