import { pressingRegions } from '../anatomy';
import { choicesOf, rampSets } from '../loads';
import { creditsOf, standOf } from '../mechanics';
import { findMovement } from '../movements';
import type { Session } from '../session';
import type { Context } from './context';
import type { MeasuredLine } from './model';

/** From this many degrees on another angle is another lift to warm up for. Common practice. */
const ANOTHER_ANGLE = 10;
/** Repetitions of an easy set in the warm-up that stand for the first step of a ramp. Own estimate. */
const REHEARSAL_REPS = 8;
const TAKES_PART = 0.2;

const angleOf = (m: MeasuredLine): number =>
  m.movement.pattern === 'press' ? standOf(m.movement, m.rig).pressDeg : 0;

/** Whether the warm-up has already moved what a line works, for enough repetitions. */
function isRehearsed(m: MeasuredLine, warmup: Session['warmup']): boolean {
  const reps = warmup.reduce((sum, item) => {
    const movement = findMovement(item.movement);
    const credits = movement ? creditsOf(movement, {}) : {};
    const shares = pressingRegions.some(
      (id) => (credits[id] ?? 0) >= TAKES_PART && (m.credits[id] ?? 0) >= TAKES_PART,
    );
    return shares ? sum + item.sets * (item.reps ?? 0) : sum;
  }, 0);
  return reps >= REHEARSAL_REPS;
}

const isRampable = (m: MeasuredLine): boolean =>
  m.movement.compound &&
  m.movement.load.kind === 'external' &&
  m.movement.family !== 'corrective' &&
  m.sets[0]?.kg != null;

/**
 * Fifth stage: ramp sets. The whole ladder for the first heavy compound, less what the warm-up has done;
 * one step for every later one, and for another angle of the same lift; none for isolation.
 */
export function rampLines(lines: readonly MeasuredLine[], session: Session, context: Context): void {
  const warm: { id: string; angle: number }[] = [];
  for (const m of lines) {
    m.ramps = [];
    if (!isRampable(m)) continue;
    const angle = angleOf(m);
    const isFirst = warm.length === 0;
    const known = warm.some((w) => w.id === m.movement.id && Math.abs(w.angle - angle) < ANOTHER_ANGLE);
    warm.push({ id: m.movement.id, angle });
    if (known) continue;
    m.ramps = rampSets(
      choicesOf(context.kit, m.movement) ?? [],
      m.sets[0]!.kg!,
      m.movement.implement,
      isFirst,
      session.ramp,
      isFirst && isRehearsed(m, session.warmup),
    );
  }
}
