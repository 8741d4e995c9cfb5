import { sameJob, type SwapWish, usualness } from '../choosing';
import { nearestNotch } from '../kit';
import type { Measured, MeasuredLine } from '../measure';
import {
  becoming,
  type Edit,
  type Line,
  type SchemeKind,
  setCountOf,
  setTargets,
  turnedInto,
} from '../session';
import type { FixDraft } from './model';

/** Questions that several rules ask of a measured session. */

export const isPress = (m: MeasuredLine): boolean => m.movement.pattern === 'press' && m.movement.compound;

/** A press with a bar or bells whose bench is raised. */
export const isInclined = (m: MeasuredLine): boolean =>
  m.movement.family === 'press' && (m.rig.benchDeg ?? 0) >= 10 && m.rig.stance !== 'floor';

export const isFreeWeight = (m: MeasuredLine): boolean =>
  ['barbell', 'curl bar', 'dumbbells', 'dumbbell'].includes(m.movement.implement);

const techniques: readonly SchemeKind[] = ['drop', 'mechanical drop', 'rest-pause', 'burn-out'];

/** Sets that go on past where plain ones end. */
export const isTechnique = (m: MeasuredLine): boolean => techniques.includes(m.line.scheme.kind);

/** Lowest reserve any set of the line is planned to reach. */
export const lowestReserve = (line: Line): number => Math.min(...setTargets(line).map((t) => t.reserve));

export const setsOf = (m: MeasuredLine): number => setCountOf(m.line.scheme);

/** Sets that lines give a region, counting credits of at least `from`. */
export const setsFor = (s: Measured, region: keyof MeasuredLine['credits'], from: number): number =>
  s.lines.filter((m) => (m.credits[region] ?? 0) >= from).reduce((n, m) => n + setsOf(m), 0);

/** A change that leaves so much in reserve; a scheme that goes to failure by itself becomes straight sets. */
export const easedTo = (m: MeasuredLine, reserve: Line['reserve']): Edit =>
  changeLine(m.id, {
    reserve,
    ...(m.line.scheme.kind === 'to failure' ? { scheme: turnedInto(m.line.scheme, 'straight') } : {}),
  });

/** The notch of this gym nearest to an angle a fix wants; the angle itself without benches. */
export const notchFor = (s: Measured, deg: number): number => nearestNotch(s.context.kit, deg) ?? deg;

/** A free id made from what is already there, so that a fix is the same data every time. */
export function freshId(s: Measured, stem: string): string {
  const taken = new Set<string>([
    ...s.session.warmup.map((w) => w.id),
    ...s.session.blocks.flatMap((b) => [b.id, ...b.lines.map((l) => l.id)]),
  ]);
  let n = 1;
  while (taken.has(`${stem}-${n}`)) n += 1;
  return `${stem}-${n}`;
}

export const blockIndex = (s: Measured, lineId: string): number =>
  s.session.blocks.findIndex((b) => b.lines.some((l) => l.id === lineId));

export const changeLine = (line: string, patch: Extract<Edit, { do: 'line' }>['patch']): Edit => ({
  do: 'line',
  line,
  patch,
});

/** Further movements that are tried where the best ones mend nothing. */
const MORE_TRIED = 3;
/** Movements more usual than this are offered before others. Own estimate. */
const ORDINARY = 0.4;

/** The best other movements for a line's job, each to be put in its place. */
export function insteadOf(m: MeasuredLine, s: Measured, wish: SwapWish, most = 1): FixDraft[] {
  // Correctives are no work to put in the place of work.
  const work = sameJob(m, s.context, wish, most + MORE_TRIED).filter(
    ({ entry }) => entry.movement.family !== 'corrective' || m.movement.family === 'corrective',
  );
  // What is ordinary goes before what is nearer still.
  const isOrdinary = ({ entry }: (typeof work)[number]): boolean => usualness(entry) >= ORDINARY;
  const ordinary = [...work.filter(isOrdinary), ...work.filter((w) => !isOrdinary(w))];
  const drafts = ordinary.map(({ entry }) => ({
    label: `Use ${entry.name.toLowerCase()}`,
    edit: changeLine(m.id, becoming(entry)),
  }));
  const rest = drafts.slice(most);
  return drafts.slice(0, most).map((draft) => ({ ...draft, instead: rest }));
}
