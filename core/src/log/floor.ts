import type { Measured, MeasuredLine } from '../measure';
import { movementOf } from '../movements';
import type { RampSet } from '../loads';
import { durationWords } from '../units';

/** One thing to do on the floor. */
export type FloorStep =
  | { is: 'warm-up'; id: string; name: string; dose: string; note: string; workS: number; restS: number }
  | {
      is: 'ramp';
      id: string;
      line: MeasuredLine;
      ramp: RampSet;
      index: number;
      of: number;
      workS: number;
      restS: number;
    }
  | {
      is: 'set';
      id: string;
      line: MeasuredLine;
      /** Which bout of the line, from 0. */
      setIndex: number;
      /** The working set it belongs to, from 1, of so many. */
      set: number;
      of: number;
      /** A further stage of a drop or a rest–pause follows at once. */
      stage: number;
      /** Seconds it takes with all that belongs to it, and the rest after it. */
      workS: number;
      restS: number;
    };

const warmupDose = ({ sets, reps, seconds }: Measured['session']['warmup'][number]): string =>
  seconds !== null ? `${sets > 1 ? `${sets} × ` : ''}${durationWords(seconds)}` : `${sets} × ${reps ?? 10}`;

/** Everything a session asks for, one thing after the other as the clock has it: warm-up, ways up, sets, pairs in turn. */
export function floorSteps({ session, lines, timeline }: Measured): FloorStep[] {
  const byId = new Map(lines.map((m) => [m.id, m]));
  const items = new Map(session.warmup.map((w) => [w.id, w]));
  const steps: FloorStep[] = [];
  const rest = (seconds: number): void => {
    const last = steps[steps.length - 1];
    if (last) last.restS += seconds;
  };
  const seen = new Set<string>();
  /** What is neither rest nor a step is time of the step it comes before: plates, walking to a station. */
  let since = 0;
  for (const e of timeline.events) {
    if (e.kind === 'rest') {
      rest(e.endS - e.startS);
      since = e.endS;
    }
    if (e.of === null) continue;
    const item = items.get(e.of);
    if (e.kind === 'warm-up' && item && !seen.has(item.id)) {
      seen.add(item.id);
      const name = movementOf(item.movement).variants[0]!.name;
      steps.push({
        is: 'warm-up',
        id: item.id,
        name,
        dose: warmupDose(item),
        note: item.note,
        workS: 0,
        restS: 0,
      });
    }
    const own = (): number => {
      const took = e.endS - since;
      since = e.endS;
      return took;
    };
    if (e.kind === 'warm-up' && item) steps[steps.length - 1]!.workS += own();
    const line = byId.get(e.of);
    if (!line) continue;
    if (e.kind === 'ramp') {
      const ramp = line.ramps[e.index]!;
      steps.push({
        is: 'ramp',
        id: `${line.id} ramp ${e.index}`,
        line,
        ramp,
        index: e.index,
        of: line.ramps.length,
        workS: own(),
        restS: 0,
      });
    }
    if (e.kind === 'set') {
      const { target } = line.sets[e.index]!;
      steps.push({
        is: 'set',
        id: `${line.id} ${e.index}`,
        line,
        setIndex: e.index,
        set: target.set + 1,
        of: new Set(line.sets.map((s) => s.target.set)).size,
        stage: target.stage,
        workS: own(),
        restS: 0,
      });
    }
  }
  return steps;
}

/** Minutes that the steps for which this holds take together; the rest after the last of them is nobody's. */
export function minutesOfSteps(steps: readonly FloorStep[], isOpen: (step: FloorStep) => boolean): number {
  const open = steps.filter(isOpen);
  const all = open.reduce((s, { workS, restS }) => s + workS + restS, 0);
  return Math.max(0, all - (open.at(-1)?.restS ?? 0)) / 60;
}
