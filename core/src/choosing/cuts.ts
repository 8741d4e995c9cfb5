import { groupCredit, groupIds } from '../anatomy';
import {
  type Context,
  HEAVY_REST_S,
  isHeavyCompound,
  MAIN_SETS,
  mainLift,
  type Measured,
  type MeasuredLine,
} from '../measure';
import type { Entry } from '../movements';
import { becoming, type Edit, setCountOf, withSetCount } from '../session';
import { DIRECT } from '../dose';
import { shortages } from './at-once';
import { sameRegions } from './overlap';
import { sameJob } from './swaps';

/** Two movements this far alike tire each other too much to be done in turn. Own estimate. */
const TOO_ALIKE = 0.5;
/** Other movements for a line that are tried at the same bench. */
const SWAPS_TRIED = 2;

/** Fewer sets than this of a movement are not worth its set-up. Common practice. */
const FEWEST_SETS = 2;

/** One way to save time. */
export interface Cut {
  says: string;
  edit: Edit;
}

const lineOf = (m: Measured, id: string): MeasuredLine => m.lines.find((l) => l.id === id)!;

/** Neighbours that can be done in turn: neither the first heavy lift, unlike each other, and the kit is enough. */
function inTurn(m: Measured): Cut[] {
  const { blocks } = m.session;
  return blocks.slice(1).flatMap((block, i): Cut[] => {
    const next = blocks[i + 2];
    if (!next || block.lines.length > 1 || next.lines.length > 1) return [];
    const both = [lineOf(m, block.lines[0]!.id), lineOf(m, next.lines[0]!.id)] as const;
    const apart = sameRegions(both[0].credits, both[1].credits) < TOO_ALIKE;
    if (!apart || shortages(m, both).length > 0) return [];
    const says = `${both[0].name} and ${both[1].name.toLowerCase()} in turn`;
    return [{ says, edit: { do: 'pair', line: both[0].id, with: both[1].id } }];
  });
}

const swaps = new WeakMap<Context, Map<string, Entry[]>>();

/** Movements that do a line's job at its bench without a bar, found once for all steps of a search. */
function atTheSameBench(m: Measured, l: MeasuredLine): readonly Entry[] {
  let known = swaps.get(m.context);
  if (!known) swaps.set(m.context, (known = new Map()));
  const key = `${l.entryId} ${JSON.stringify(l.rig)}`;
  let found = known.get(key);
  if (!found) {
    found = sameJob(l, m.context, { other: 'kit', kindTo: null }, SWAPS_TRIED)
      .map(({ entry }) => entry)
      .filter((e) => e.rig.benchDeg === l.rig.benchDeg && !e.movement.barOverBody);
    known.set(key, found);
  }
  return found;
}

/** Bells at the same bench for a bar: no plates to change. */
function otherImplement(m: Measured, l: MeasuredLine): Cut[] {
  if (l.movement.implement !== 'barbell' || l.rig.benchDeg === undefined) return [];
  return atTheSameBench(m, l).map((entry) => ({
    says: `${entry.name} for ${l.name.toLowerCase()}`,
    edit: { do: 'line', line: l.id, patch: becoming(entry) },
  }));
}

const setLess = (l: MeasuredLine, sets: number): Cut => ({
  says: `A set less of ${l.name.toLowerCase()}`,
  edit: { do: 'line', line: l.id, patch: { scheme: withSetCount(l.line.scheme, sets - 1) } },
});
const restsTo = (l: MeasuredLine, floor: number): Cut[] =>
  l.line.restS > floor
    ? [
        {
          says: `Rests of ${l.name.toLowerCase()} down to ${floor} s`,
          edit: { do: 'line', line: l.id, patch: { restS: floor } },
        },
      ]
    : [];
const without = (l: MeasuredLine): Cut => ({
  says: `Without ${l.name.toLowerCase()}`,
  edit: { do: 'remove line', line: l.id },
});

/** Nothing else here trains one of its muscles directly. */
export const isOnlyOne = (m: Pick<Measured, 'lines'>, l: MeasuredLine): boolean =>
  groupIds.some(
    (g) =>
      groupCredit(l.credits, g) >= DIRECT &&
      !m.lines.some((other) => other !== l && groupCredit(other.credits, g) >= DIRECT),
  );

/** What lags is trained by it directly. */
export const isForWeakPoint = (m: Pick<Measured, 'context'>, l: MeasuredLine): boolean =>
  m.context.client.lagging.some((id) => (l.credits[id] ?? 0) >= DIRECT);

/** The main lift and what lags is what the client came for. */
const isAsked = (m: Measured, l: MeasuredLine): boolean => l === mainLift(m) || isForWeakPoint(m, l);

/** What costs the client little: sets and rests that can be spared, bells for a bar. */
function onLine(m: Measured, l: MeasuredLine): Cut[] {
  const sets = setCountOf(l.line.scheme);
  const isMain = l === mainLift(m);
  const floor = m.school.restFloorS[l.movement.compound ? 'compound' : 'isolation'];
  const cuts: Cut[] = isMain ? [] : otherImplement(m, l);
  const fewest = isMain ? MAIN_SETS : FEWEST_SETS;
  if (sets > fewest && !isForWeakPoint(m, l)) cuts.push(setLess(l, sets));
  cuts.push(...restsTo(l, isHeavyCompound(l) ? Math.max(floor, HEAVY_REST_S) : floor));
  if (l.movement.family === 'corrective' && m.lines.length > 1) cuts.push(without(l));
  return cuts;
}

/** Further: what the client came for gives up rest, the others sets and, where another does as much, their place. */
function harder(m: Measured, l: MeasuredLine): Cut[] {
  const rests = restsTo(l, m.school.restFloorS[l.movement.compound ? 'compound' : 'isolation']);
  if (isAsked(m, l)) return rests;
  const sets = setCountOf(l.line.scheme);
  return [
    ...rests,
    ...(sets > 1 ? [setLess(l, sets)] : []),
    ...(sets <= FEWEST_SETS && m.lines.length > 1 && !isOnlyOne(m, l) ? [without(l)] : []),
  ];
}

/** Further still: what the client came for gives up sets, the others their place. */
function hardest(m: Measured, l: MeasuredLine): Cut[] {
  const sets = setCountOf(l.line.scheme);
  if (isAsked(m, l)) return sets > FEWEST_SETS ? [setLess(l, sets)] : [];
  return m.lines.length > 1 ? [without(l)] : [];
}

/** Whatever is left. */
const last = (m: Measured, l: MeasuredLine): Cut[] => {
  const sets = setCountOf(l.line.scheme);
  return [
    ...otherImplement(m, l),
    ...(sets > 1 ? [setLess(l, sets)] : []),
    ...(m.lines.length > 1 ? [without(l)] : []),
  ];
};

const ways = [onLine, harder, hardest, last] as const;
/** How far cuts go: from what costs little to whatever is left. */
export const cutDepths = [0, 1, 2, 3] as const;
export type CutDepth = (typeof cutDepths)[number];

/** The ways to save time from here, each as one edit; the deeper ones with those that cost less. */
export const cutsOf = (m: Measured, depth: CutDepth): Cut[] => [
  ...ways.slice(0, depth + 1).flatMap((way) => m.lines.flatMap((l) => way(m, l))),
  ...inTurn(m),
];
