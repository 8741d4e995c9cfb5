import type { LoadedSet } from '../loads';
import type { MeasuredLine } from '../measure';
import { perHandWords } from '../movements';
import { markedUnit, massFigure, type MassUnit } from '../units';

/** Loads of a line: "24, 24, 22, 22 kg each", one figure when they agree, words where there is none. */
export function loadText(m: Pick<MeasuredLine, 'sets' | 'movement' | 'calibrate'>, unit: MassUnit): string {
  const load = m.movement.load;
  if (load.kind === 'none') return '';
  if (load.kind === 'bodyweight') {
    const added = m.sets.map((s) => s.kg ?? 0);
    if (added.every((kg) => kg === 0)) return 'bodyweight';
    return `bodyweight + ${figures(added, unit)} ${unit}`;
  }
  if (m.sets.some((s) => s.kg === null)) return 'find the load';
  return `${setLoads(m.sets, unit)} ${unit}${perHandWords(m.movement)}`;
}

/** What the marks and pins of a line say where that is not the load in this unit: " (marked 25 lb)"; else empty. */
export function marksText(m: Pick<MeasuredLine, 'sets' | 'movement'>, unit: MassUnit): string {
  const kgs = m.sets.flatMap((s) => (s.kg === null ? [] : [s.pinKg ?? s.kg]));
  const pinned = m.sets.some((s) => s.pinKg !== undefined);
  const single = ['dumbbells', 'dumbbell', 'cable', 'machine'].includes(m.movement.implement);
  if (kgs.length === 0 || !single || !(pinned || kgs.some((kg) => markedUnit(kg, unit) !== unit))) return '';
  const marked = markedUnit(kgs[0]!, unit);
  return ` (${pinned ? 'pin at' : 'marked'} ${figures(kgs, marked)} ${marked})`;
}

/** "24, 24, 24 → 18 → 14": the load of every set with those of its stages, where they change; once where all are the same. */
function setLoads(sets: readonly LoadedSet[], unit: MassUnit): string {
  const bySet = new Map<number, number[]>();
  for (const s of sets) bySet.set(s.target.set, [...(bySet.get(s.target.set) ?? []), s.kg!]);
  const texts = [...bySet.values()].map((kgs) => {
    const stages = kgs.every((kg) => kg === kgs[0]) ? kgs.slice(0, 1) : kgs;
    return stages.map((kg) => massFigure(kg, unit)).join(' → ');
  });
  return texts.every((t) => t === texts[0]) ? texts[0]! : texts.join(', ');
}

function figures(kgs: readonly number[], unit: MassUnit): string {
  const texts = kgs.map((kg) => massFigure(kg, unit));
  return texts.every((t) => t === texts[0]) ? texts[0]! : texts.join(', ');
}
