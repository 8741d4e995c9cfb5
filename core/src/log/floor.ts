import type { Measured } from '../measure/model';
import { movementOf } from '../movements/catalogue';
import type { RampSet } from '../loads/ramp';
import type { MeasuredLine } from '../measure/model';
import { durationWords } from '../units/time';

/** One thing to do on the floor. */
export type FloorStep =
  | { is: 'warm-up'; id: string; name: string; dose: string; note: string; restS: number }
  | { is: 'ramp'; id: string; line: MeasuredLine; ramp: RampSet; index: number; of: number; restS: number }
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
  for (const e of timeline.events) {
    if (e.kind === 'rest') rest(e.endS - e.startS);
    if (e.of === null) continue;
    const item = items.get(e.of);
    if (e.kind === 'warm-up' && item && !seen.has(item.id)) {
      seen.add(item.id);
      const name = movementOf(item.movement).variants[0]!.name;
      steps.push({ is: 'warm-up', id: item.id, name, dose: warmupDose(item), note: item.note, restS: 0 });
    }
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
        restS: 0,
      });
    }
  }
  return steps;
}
