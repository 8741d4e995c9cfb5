import type { Appraisal } from '@drimbo/core';
import type { VoiceId } from '@drimbo/core/anatomy';

/** A block of the session along the clock, seconds. */
export interface BlockSpan {
  id: string;
  firstLine: string;
  lines: string[];
  name: string;
  startS: number;
  endS: number;
  voice: VoiceId;
}

/** Where each block lies on the clock: from its first step to the end of its last set. */
export function spansOf(appraisal: Appraisal): BlockSpan[] {
  const spans = new Map<string, BlockSpan>();
  const byId = new Map(appraisal.lines.map((m) => [m.id, m]));
  for (const m of appraisal.lines) {
    const known = spans.get(m.blockId);
    if (known) {
      known.lines.push(m.id);
      known.name = `${known.name} + ${m.name}`;
    } else
      spans.set(m.blockId, {
        id: m.blockId,
        firstLine: m.id,
        lines: [m.id],
        name: m.name,
        startS: Infinity,
        endS: 0,
        voice: m.voice,
      });
  }
  for (const e of appraisal.timeline.events) {
    const m = e.of === null || e.kind === 'warm-up' ? undefined : byId.get(e.of);
    const span = m && spans.get(m.blockId);
    if (!span || e.kind === 'rest' || e.kind === 'walk') continue;
    span.startS = Math.min(span.startS, e.startS);
    span.endS = Math.max(span.endS, e.endS);
  }
  return [...spans.values()].filter((s) => s.endS > 0);
}
