import type { LimitId } from '../movements';
import {
  type Doing,
  type Setting,
  TUCKED,
  isOnFloor,
  isOneOf,
  isPress,
  isPushUp,
  isSupported,
} from './limit-questions';

/** Something a limit is better off with. Common practice; it only tells what is kinder of two that meet nothing. */
interface PreferredRow {
  limit: LimitId;
  when: (setting: Setting, doing?: Doing) => boolean;
}

const isPressing = (s: Setting): boolean => isPress(s) || isPushUp(s);

export const preferred: readonly PreferredRow[] = [
  { limit: 'shoulder front', when: (s) => isPressing(s) && s.rig.forearm === 'neutral' },
  {
    limit: 'shoulder front',
    when: (s) => isPressing(s) && s.rig.tuckDeg !== undefined && s.rig.tuckDeg <= TUCKED,
  },
  { limit: 'shoulder front', when: (s) => isOnFloor(s) },
  { limit: 'shoulder front', when: ({ movement }) => movement.implement === 'landmine' },
  {
    limit: 'shoulder front',
    when: ({ movement }) => movement.pattern === 'fly' && movement.implement === 'cable',
  },
  { limit: 'shoulder front', when: (s) => isPress(s) && s.movement.implement === 'machine' },
  { limit: 'shoulder unstable', when: (s) => isOnFloor(s) },
  { limit: 'shoulder unstable', when: (s) => isPressing(s) && s.movement.implement === 'machine' },
  { limit: 'shoulder unstable', when: isPushUp },
  {
    limit: 'elbow',
    when: ({ movement }) => movement.pattern === 'elbow down' && movement.implement === 'cable',
  },
  { limit: 'elbow', when: (s) => s.movement.implement === 'cable' && s.movement.family === 'triceps' },
  { limit: 'elbow', when: (s) => isPress(s) && isOneOf(s.movement.implement, 'dumbbells', 'dumbbell') },
  { limit: 'elbow', when: (_s, doing) => (doing?.fewest ?? 0) >= 10 },
  { limit: 'wrist', when: (s) => s.rig.forearm === 'neutral' },
  { limit: 'wrist', when: (s) => s.movement.clips === 'rope' && s.movement.family === 'triceps' },
  { limit: 'wrist', when: (s) => isPushUp(s) && s.rig.range === 'deficit' },
  { limit: 'lower back', when: (s) => isSupported(s) && s.movement.pattern !== 'elbow overhead' },
  { limit: 'blood pressure', when: (_s, doing) => (doing?.reserve ?? 0) >= 3 },
  {
    limit: 'pec strain',
    when: (s) => isPressing(s) && isOneOf(s.movement.implement, 'dumbbells', 'machine'),
  },
];
