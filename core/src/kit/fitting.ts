import { attachmentNames, fullRig, type Movement, type Rig } from '../movements';
import { withArticle } from '../units';
import { pinsOf, type Kit } from './kit';
import { barLoads, oneEndLoads, thinned, type BarLoad, type PlateStack } from './plates';

/** A load this kit can make. `kg` is said as the coach says it: total, or each hand. */
export interface MadeLoad {
  kg: number;
  perSide?: PlateStack;
  /** The plates hang on one end only: a bar whose other end stands on the floor. */
  oneEnd?: true;
  /** Where the pin goes in a stack whose pulleys change the load on its way to the hand. */
  pinKg?: number;
}

/** Which use of a bar an implement is. */
export const barUses = {
  barbell: 'straight',
  'curl bar': 'curl',
  'guided bar': 'guided',
  landmine: 'landmine',
} as const;

const madeFromBar = (l: BarLoad): MadeLoad => ({ kg: l.totalKg, perSide: l.perSide });
const madeFromOneEnd = (l: BarLoad): MadeLoad => ({ ...madeFromBar(l), oneEnd: true });

/** Loads held at once: one for each hand where hands have their own, unless one side follows the other. */
export const handsOf = ({ load, oneSided }: Movement): 1 | 2 =>
  load.kind === 'external' && load.perHand && !oneSided ? 2 : 1;

export const stacksAt = (kit: Pick<Kit, 'stacks'>, station: string): Kit['stacks'] =>
  kit.stacks.filter((stack) => stack.serves.includes(station));

/** The stack a movement is done at: the first at its station that there are enough of, else the first. */
function stackFor(kit: Kit, movement: Movement): Kit['stacks'][number] | undefined {
  const all = stacksAt(kit, movement.station);
  const enough = movement.implement === 'cable' ? handsOf(movement) : 1;
  return all.find((stack) => stack.count >= enough) ?? all[0];
}

const stackLoads = new WeakMap<Kit['stacks'][number], MadeLoad[]>();
function loadsOfStack(stack: Kit['stacks'][number]): MadeLoad[] {
  let loads = stackLoads.get(stack);
  if (!loads) {
    const pins = new Map<number, number>();
    const extras = stack.addOnsKg.reduce((sums, addOn) => [...sums, ...sums.map((e) => e + addOn)], [0]);
    for (let pin = 0; pin < pinsOf(stack); pin++) {
      const kg = stack.firstKg + pin * stack.stepKg;
      for (const extra of extras) pins.set(Number(((kg + extra) * stack.ratio).toFixed(3)), kg + extra);
    }
    loads = [...pins]
      .sort(([a], [b]) => a - b)
      .map(([kg, pinKg]) => (stack.ratio === 1 ? { kg } : { kg, pinKg }));
    stackLoads.set(stack, loads);
  }
  return loads;
}

type BarUse = (typeof barUses)[keyof typeof barUses];
const barsLoads = new WeakMap<Kit, Map<BarUse, MadeLoad[]>>();

/** What all bars of a use come to together; of two bars that make a load the heavier takes it. */
function loadsOfBars(kit: Kit, use: BarUse): MadeLoad[] {
  let known = barsLoads.get(kit);
  if (!known) barsLoads.set(kit, (known = new Map()));
  let loads = known.get(use);
  if (!loads) {
    const bars = kit.bars.filter((b) => b.use === use || (use === 'landmine' && b.use === 'straight'));
    const [loadsOn, made] = use === 'landmine' ? [oneEndLoads, madeFromOneEnd] : [barLoads, madeFromBar];
    const best = new Map<number, BarLoad>();
    for (const bar of [...bars].sort((a, b) => b.kg - a.kg))
      for (const load of loadsOn(kit.plates, bar.kg))
        if (!best.has(load.totalKg)) best.set(load.totalKg, load);
    const all = [...best.values()].sort((a, b) => a.totalKg - b.totalKg);
    known.set(use, (loads = thinned(all, (load) => load.totalKg).map(made)));
  }
  return loads;
}

const bellLoads = new WeakMap<Kit['dumbbells'], MadeLoad[]>();

/** Every load the kit can make for a movement, ascending; empty when it has not got the implement. */
export function makeableLoads(kit: Kit, movement: Movement): MadeLoad[] {
  switch (movement.implement) {
    case 'barbell':
    case 'curl bar':
    case 'guided bar':
    case 'landmine':
      return loadsOfBars(kit, barUses[movement.implement]);
    case 'dumbbells':
    case 'dumbbell': {
      let loads = bellLoads.get(kit.dumbbells);
      if (!loads) {
        loads = [...kit.dumbbells].sort((a, b) => a.kg - b.kg).map((d) => ({ kg: d.kg }));
        bellLoads.set(kit.dumbbells, loads);
      }
      return loads;
    }
    case 'cable':
    case 'machine': {
      const stack = stackFor(kit, movement);
      return stack ? loadsOfStack(stack) : [];
    }
    default:
      return [];
  }
}

/** Places a gym has or has not, by the name its page ticks them under. */
export const placeNames = {
  'dip bars': 'dip bars',
  landmine: 'a landmine',
  'press block': 'a block for the chest',
  'raised handles': 'handles or blocks to raise the hands',
} as const;
type Place = keyof typeof placeNames;

/** What a setting needs beside the implement itself. */
function missingForRig(kit: Kit, movement: Movement, rig: Rig): string | null {
  const { range, added, benchDeg, stance } = fullRig(movement, rig);
  const has = (place: Place): boolean => kit.places.includes(place);
  if (added === 'chains' && !kit.chains?.length) return 'chains';
  if (added === 'bands' && !kit.bands?.length) return 'bands that can hang from a bar';
  if (added === 'hung bells' && kit.dumbbells.length === 0) return 'bells to hang';
  if ((range === 'pins' || range === 'mid pins') && !kit.rack.safetyArms) return 'a rack with pins or arms';
  if (range === 'box' && !has('press block')) return placeNames['press block'];
  if (range === 'deficit' && !has('raised handles')) return placeNames['raised handles'];
  const isBenched = benchDeg !== undefined || stance === 'prone' || movement.station === 'free bench';
  return isBenched && stance !== 'floor' && kit.benches.length === 0 ? 'a bench' : null;
}

/** What the kit lacks for this movement as it is set up, in words; null when it has everything. */
export function missingFor(kit: Kit, movement: Movement, rig: Rig = {}): string | null {
  const needsLoad = !['bodyweight', 'none', 'band'].includes(movement.implement);
  if (needsLoad && makeableLoads(kit, movement).length === 0) {
    if (movement.orBand) return null;
    const { implement, station } = movement;
    if (implement === 'machine') return withArticle(station);
    if (implement === 'dumbbells') return 'dumbbells';
    return withArticle(implement === 'cable' ? 'cable stack' : implement);
  }
  if (movement.clips && kit.attachments && !kit.attachments.includes(movement.clips))
    return attachmentNames[movement.clips];
  const taken = handsOf(movement);
  if (movement.implement === 'cable' && stackFor(kit, movement)!.count < taken) return 'a second cable stack';
  if (movement.station === 'rack' && kit.rack.count === 0) return 'a rack';
  const { station } = movement;
  if ((station === 'dip bars' || station === 'landmine') && !kit.places.includes(station))
    return placeNames[station];
  return missingForRig(kit, movement, rig);
}

/** The makeable load nearest to a wish (of two equally near the lighter), with its neighbours. */
export function nearestLoad(loads: readonly MadeLoad[], wishKg: number): { index: number; load: MadeLoad } {
  let low = 0;
  let high = loads.length - 1;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (loads[middle]!.kg < wishKg) low = middle + 1;
    else high = middle;
  }
  const below = loads[low - 1];
  const index = below && wishKg - below.kg <= loads[low]!.kg - wishKg + 1e-9 ? low - 1 : low;
  return { index, load: loads[index]! };
}
