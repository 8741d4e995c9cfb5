import type { Context, MeasuredLine } from '../measure';
import { cueList, teachingOf } from '../movements/teaching';

/** At most three cues, for nobody minds more: those of the line, else this client's, else the coach's, else the catalogue's. */
export function cuesFor(
  m: Pick<MeasuredLine, 'line' | 'entryId' | 'movement' | 'rig'>,
  context: Context,
): string[] {
  return (
    m.line.cues ??
    context.client.cues?.[m.entryId] ??
    context.notebook?.cues[m.entryId] ??
    cueList(teachingOf(m.movement, m.rig).cues).slice(0, 3)
  );
}
