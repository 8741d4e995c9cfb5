import type { Measured, MeasuredLine } from '../../measure/measure';
import { massText } from '../../units/mass';
import type { FindingDraft, Rule } from '../model';
import { freshId } from '../questions';

/** Bells a line needs in hand in one round, by weight. */
function bellsOf(m: MeasuredLine): Map<number, number> {
  const needs = new Map<number, number>();
  const { implement, load } = m.movement;
  if (implement !== 'dumbbells' || load.kind !== 'external') return needs;
  for (const set of m.sets) if (set.kg !== null) needs.set(set.kg, 1);
  return needs;
}

/** A bell size that the lines of a block need at once and the kit has too few pairs of. */
function shortBells(
  s: Measured,
  lines: readonly MeasuredLine[],
): { kg: number; needs: number; has: number } | null {
  const needs = new Map<number, number>();
  for (const m of lines) for (const [kg, pairs] of bellsOf(m)) needs.set(kg, (needs.get(kg) ?? 0) + pairs);
  for (const [kg, wanted] of needs) {
    const has = s.context.kit.dumbbells.find((d) => Math.abs(d.kg - kg) < 0.01)?.pairs ?? 0;
    if (has > 0 && wanted > has) return { kg, needs: wanted, has };
  }
  return null;
}

/** Places that only one can use at a time, with different loads on them. */
function sharedPlace(s: Measured, lines: readonly MeasuredLine[]): string | null {
  const single = (m: MeasuredLine): boolean =>
    m.movement.station === 'rack'
      ? s.context.kit.rack.count < 2
      : ['landmine', 'guided bar'].includes(m.movement.station);
  for (const [i, a] of lines.entries())
    for (const b of lines.slice(i + 1))
      if (a.movement.station === b.movement.station && single(a) && a.sets[0]?.kg !== b.sets[0]?.kg)
        return a.movement.station;
  return null;
}

function look(s: Measured): FindingDraft[] {
  return s.session.blocks.flatMap((block): FindingDraft[] => {
    if (block.lines.length < 2) return [];
    const lines = block.lines.map((l) => s.lines.find((m) => m.id === l.id)!);
    const bells = shortBells(s, lines);
    const place = sharedPlace(s, lines);
    if (!bells && !place) return [];
    const { unit } = s.context.client;
    return [
      {
        on: lines.map((m) => m.id),
        what: bells
          ? `This pair needs ${bells.needs} pairs of ${massText(bells.kg, unit)}; ${s.context.kit.name} has ${bells.has === 1 ? 'one' : bells.has}.`
          : `This pair needs the ${place} twice at once, with different loads.`,
        why: 'Changing the load between the halves of a pair eats the time the pair should save.',
        fixes: [
          {
            label: 'Part them',
            edit: {
              do: 'part',
              block: block.id,
              newBlocks: lines.slice(1).map((m) => freshId(s, `block-${m.id}`)),
            },
          },
        ],
      },
    ];
  });
}

export const kitAtOnce: Rule = {
  id: 'kit-at-once',
  title: 'The same kit twice at once',
  severity: 'watch',
  ground: 'common practice',
  look,
};
