import { barUses, handsOf, stacksAt } from '../kit';
import type { Measured, MeasuredLine } from '../measure';
import { massText } from '../units';

type Lines = readonly MeasuredLine[];
type InContext = Pick<Measured, 'context'>;

/** How many of something the lines of a block need at once, and how many there are. */
export interface Shortage {
  needs: number;
  has: number;
  of: string;
}

const isShort = (s: Shortage): boolean => s.needs > s.has;

/** Pairs of each size of bell in hand or laid ready in one round. */
function bells(s: InContext, lines: Lines): Shortage[] {
  const needs = new Map<number, number>();
  for (const m of lines) {
    if (m.movement.implement !== 'dumbbells' || m.movement.load.kind !== 'external') continue;
    for (const kg of new Set(m.sets.map((set) => set.kg)))
      if (kg !== null) needs.set(kg, (needs.get(kg) ?? 0) + 1);
  }
  return [...needs].flatMap(([kg, wanted]): Shortage[] => {
    const has = s.context.kit.dumbbells.find((d) => Math.abs(d.kg - kg) < 0.01)?.pairs ?? 0;
    // A size the gym has none of is another finding's matter.
    return has === 0
      ? []
      : [{ needs: wanted, has, of: `${wanted} pairs of ${massText(kg, s.context.client.unit)}` }];
  });
}

/** Bars of one kind, and the plates that all of them carry together. */
function bars(s: InContext, lines: Lines): Shortage[] {
  const { kit, client } = s.context;
  const found: Shortage[] = [];
  const barred = lines.filter((m) => m.movement.implement in barUses);
  for (const implement of new Set(barred.map((m) => m.movement.implement))) {
    const use = barUses[implement as keyof typeof barUses];
    const needs = barred.filter((m) => m.movement.implement === implement).length;
    const has = kit.bars.filter((b) => b.use === use).length;
    if (has > 0) found.push({ needs, has, of: `${needs} bars of the kind “${use}”` });
  }
  const plates = new Map<number, number>();
  for (const m of barred)
    for (const { kg, count } of m.sets[0]?.perSide ?? []) plates.set(kg, (plates.get(kg) ?? 0) + count);
  if (barred.length > 1)
    for (const [kg, needs] of plates)
      found.push({
        needs,
        has: kit.plates.find((p) => p.kg === kg)?.pairs ?? 0,
        of: `${needs} pairs of ${massText(kg, client.unit)} plates`,
      });
  return found;
}

/** Stacks, racks and other places of which each movement takes one, or two for a hand each. */
function places(s: InContext, lines: Lines): Shortage[] {
  const { kit } = s.context;
  const stations = [...new Set(lines.map((m) => m.movement.station))];
  return stations.flatMap((station): Shortage[] => {
    const here = lines.filter((m) => m.movement.station === station);
    const { implement } = here[0]!.movement;
    const stacks = stacksAt(kit, station).reduce((n, stack) => n + stack.count, 0);
    if (implement === 'cable') {
      const needs = here.reduce((n, m) => n + handsOf(m.movement), 0);
      const has = stacks;
      // The same pulleys at the same height and load serve both.
      const alike = here.every(
        (m) => m.rig.pulleyStature === here[0]!.rig.pulleyStature && m.sets[0]?.kg === here[0]!.sets[0]?.kg,
      );
      return alike ? [] : [{ needs, has, of: `${needs} cable stacks` }];
    }
    const has =
      station === 'rack'
        ? kit.rack.count
        : implement === 'machine'
          ? stacks
          : ['landmine', 'guided bar'].includes(station)
            ? 1
            : Infinity;
    const alike = here.every((m) => m.sets[0]?.kg === here[0]!.sets[0]?.kg);
    return alike || has === 0 ? [] : [{ needs: here.length, has, of: `the ${station} for each movement` }];
  });
}

/** Benches at different notches. */
function benches(s: InContext, lines: Lines): Shortage[] {
  const notches = new Set(
    lines.flatMap((m) =>
      m.rig.benchDeg === undefined || m.rig.stance === 'floor'
        ? []
        : [m.rig.benchDeg, ...m.sets.flatMap(({ target }) => target.rig?.benchDeg ?? [])],
    ),
  );
  const has = s.context.kit.benches.length;
  return has === 0 ? [] : [{ needs: notches.size, has, of: `${notches.size} benches at different notches` }];
}

/** Dumbbells, bars, plates, stacks, places and benches that the lines of a block need at once and the kit is short of. */
export const shortages = (s: InContext, lines: Lines): Shortage[] =>
  [bells, bars, places, benches].flatMap((of) => of(s, lines)).filter(isShort);
