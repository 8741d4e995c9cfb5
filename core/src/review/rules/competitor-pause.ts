import type { MeasuredLine } from '../../measure';
import { changeLine, setsOf } from '../questions';
import type { Rule } from '../model';

const HEAVY = 8;
const PAUSE_S = 1;

const isFlatBench = (m: MeasuredLine): boolean =>
  m.movement.id === 'barbell-press' && Math.abs(m.rig.benchDeg ?? 0) < 10 && m.rig.stance !== 'floor';

const isPaused = (m: MeasuredLine): boolean =>
  m.rig.range === 'paused' ||
  m.line.tempo.stretched >= PAUSE_S ||
  ['box', 'pins', 'mid pins', 'hover'].includes(m.rig.range ?? '');

export const competitorPause: Rule = {
  id: 'competitor-pause',
  title: 'A competitor’s bench without a pause',
  severity: 'note',
  ground: 'common practice',
  at: 'tempo',
  look: (s) => {
    const { aim, competes } = s.context.client;
    if (competes !== 'bench' && aim !== 'peaking') return [];
    return s.lines
      .filter((m) => isFlatBench(m) && !isPaused(m) && setsOf(m) > 0)
      .filter((m) => Math.min(...m.sets.map((set) => set.target.reps.lo)) <= HEAVY)
      .map((m) => ({
        on: [m.id],
        severity: aim === 'peaking' ? ('watch' as const) : ('note' as const),
        what: `${m.name} touches and goes; on the platform the bar waits.`,
        why: 'What is judged with a pause is trained with one: the start from rest is another lift than the rebound.',
        fixes: () => [
          {
            label: 'Pause every rep on the chest',
            edit: changeLine(m.id, {
              rig: { ...m.rig, range: 'paused' as const },
              tempo: { ...m.line.tempo, stretched: Math.max(PAUSE_S, m.line.tempo.stretched) },
              loadKg: null,
            }),
          },
          {
            label: 'A second in the tempo',
            edit: changeLine(m.id, { tempo: { ...m.line.tempo, stretched: PAUSE_S } }),
          },
        ],
      }));
  },
};
