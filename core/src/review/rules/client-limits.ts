import { cautionFor, doingOf, kindnessOf } from '../../choosing';
import { makeableLoads } from '../../kit';
import type { Measured, MeasuredLine } from '../../measure';
import { findMovement, type LimitId, type Rig } from '../../movements';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine, easedTo, insteadOf, setsOf } from '../questions';

export const limitNames: Record<LimitId, string> = {
  'shoulder front': 'the front of the shoulder',
  'shoulder unstable': 'an unstable shoulder',
  elbow: 'the elbow',
  wrist: 'the wrist',
  'lower back': 'the lower back',
  'blood pressure': 'blood pressure',
  'pec strain': 'an earlier chest strain',
};

/** Movements that are compared for it. */
const SWAPS = 4;

/** Changes a coach would try against a caution, the mildest first; only what answers it is ever offered. */
function milder(s: Measured, m: MeasuredLine, limit: LimitId): FixDraft[] {
  const { movement, rig, line } = m;
  const { knobs } = movement;
  const turn = (label: string, to: Rig): FixDraft => ({
    label,
    edit: changeLine(m.id, { rig: { ...rig, ...to } }),
  });
  const drafts: FixDraft[] = [];
  const ease = (label: string, reserve: number): void => {
    drafts.push({
      label,
      edit: easedTo(m, {
        first: Math.max(reserve, line.reserve.first),
        last: Math.max(reserve, line.reserve.last),
      }),
    });
  };
  if (limit === 'blood pressure') {
    ease('Leave at least 2', 2);
    if (line.squeezeS !== undefined)
      drafts.push({ label: 'Without the squeeze', edit: changeLine(m.id, { squeezeS: undefined }) });
    if (line.scheme.kind === 'hold')
      drafts.push({
        label: 'Hold for 8 seconds',
        edit: changeLine(m.id, { scheme: { ...line.scheme, seconds: 8 } }),
      });
    if ((rig.benchDeg ?? 0) < 0) drafts.push(turn('Lay the bench flat', { benchDeg: 0 }));
    if (knobs.hands?.options.includes('free')) drafts.push(turn('Let the bells go apart', { hands: 'free' }));
  }
  if (limit === 'pec strain' || limit === 'elbow') ease('Leave at least 2', 2);
  if (limit === 'blood pressure' || limit === 'pec strain' || limit === 'elbow')
    drafts.push({
      label: 'Make it 10–12',
      edit: changeLine(m.id, {
        scheme: { kind: 'straight', sets: setsOf(m), reps: { lo: 10, hi: 12 } },
        loadKg: null,
        ...(line.reserve.last < 2 ? { reserve: { first: Math.max(2, line.reserve.first), last: 2 } } : {}),
      }),
    });
  if (knobs.gripBiacromial && limit !== 'lower back')
    drafts.push(turn('Grip 1.5 × shoulders', { gripBiacromial: 1.5 }));
  if (knobs.forearm?.options.includes('neutral'))
    drafts.push(
      turn('Neutral grip, tucked', { forearm: 'neutral', ...(knobs.tuckDeg ? { tuckDeg: 35 } : {}) }),
    );
  if (knobs.forearm?.options.includes('pronated') && rig.forearm === 'supinated')
    drafts.push(turn('Palms forward', { forearm: 'pronated' }));
  if (knobs.tuckDeg && (rig.tuckDeg ?? 0) > 45) {
    drafts.push(turn('Tuck to 45°', { tuckDeg: 45 }));
    if ((rig.gripBiacromial ?? 0) > 1.5)
      drafts.push(turn('Tuck to 45°, grip 1.5 × shoulders', { tuckDeg: 45, gripBiacromial: 1.5 }));
  }
  if (knobs.range?.options.includes('chest level'))
    drafts.push(turn('Stop level with the chest', { range: 'chest level' }));
  if (rig.range === 'deficit' || rig.range === 'lengthened half')
    drafts.push(turn('The ordinary range', { range: 'full' }));
  if (knobs.stance?.options.includes('floor'))
    drafts.push(turn('Do it on the floor', { stance: 'floor', benchDeg: 0 }));
  for (const [stance, label] of [
    ['prone', 'Chest supported'],
    ['seated', 'Sit down for it'],
    ['lying', 'Feet on the floor'],
    ['kneeling', 'Kneel for it'],
  ] as const)
    if (limit === 'lower back' && knobs.stance?.options.includes(stance) && rig.stance !== stance)
      drafts.push(turn(label, { stance }));
  const dumbbells = findMovement('dumbbell-press')!;
  if (movement.id === 'barbell-press' && makeableLoads(s.context.kit, dumbbells).length > 0)
    drafts.push({
      label: 'Use neutral-grip dumbbells',
      edit: changeLine(m.id, {
        movement: dumbbells.id,
        own: undefined,
        rig: { benchDeg: Math.max(0, rig.benchDeg ?? 0), forearm: 'neutral', tuckDeg: 35 },
        loadKg: null,
        cues: null,
      }),
    });
  return drafts;
}

/** Of those, what the table has nothing against any more; at most three, so that a coach can choose. */
function gentler(s: Measured, m: MeasuredLine, limit: LimitId): FixDraft[] {
  const answers = ({ edit }: FixDraft): boolean => {
    if (typeof edit === 'function' || edit.do !== 'line') return false;
    const line = { ...m.line, rig: m.rig, ...edit.patch };
    const movement = findMovement(line.movement)!;
    return cautionFor(movement, line.rig, limit, doingOf(line)) === null;
  };
  return milder(s, m, limit).filter(answers).slice(0, 3);
}

/** Other movements for the job, those first that the limit is better off with. */
function kinder(m: MeasuredLine, s: Measured, limit: LimitId): FixDraft[] {
  const drafts = insteadOf(m, s, { other: null, kindTo: limit }, SWAPS);
  const prefers = ({ edit }: FixDraft): number =>
    typeof edit === 'function' || edit.do !== 'line'
      ? 0
      : kindnessOf(findMovement(edit.patch.movement!)!, edit.patch.rig ?? {}, [limit]).prefers;
  const [first, ...instead] = drafts.sort((a, b) => prefers(b) - prefers(a));
  return first ? [{ ...first, instead }] : [];
}

function look(s: Measured): FindingDraft[] {
  return s.context.client.limits.flatMap(({ limit }) =>
    s.lines.flatMap((m): FindingDraft[] => {
      const met = cautionFor(m.movement, m.rig, limit, doingOf(m.line));
      if (!met) return [];
      return [
        {
          mustGo: true,
          on: [m.id],
          about: `${limit} ${m.id}`,
          severity: met.isNote ? 'note' : 'watch',
          what: `${m.name} is hard on ${limitNames[limit]}.`,
          why: met.say,
          fixes: () => [...gentler(s, m, limit), ...kinder(m, s, limit)],
        },
      ];
    }),
  );
}

export const clientLimits: Rule = {
  id: 'client-limits',
  title: 'Limits of this client',
  severity: 'watch',
  ground: 'common practice',
  look,
};
