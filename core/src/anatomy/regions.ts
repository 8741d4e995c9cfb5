/** Every region a set is counted for. */
export const regionIds = [
  'pecUpper',
  'pecMiddle',
  'pecLower',
  'deltFront',
  'deltSide',
  'deltRear',
  'triLong',
  'triLateral',
  'triMedial',
  'serratus',
  'cuff',
  'retractors',
  'upperTrap',
  'biceps',
] as const;

export type RegionId = (typeof regionIds)[number];

/** The nine heads of chest, shoulder and upper arm that pressing is about. */
export const pressingRegions = [
  'pecUpper',
  'pecMiddle',
  'pecLower',
  'deltFront',
  'deltSide',
  'deltRear',
  'triLong',
  'triLateral',
  'triMedial',
] as const satisfies readonly RegionId[];
export type PressingRegion = (typeof pressingRegions)[number];

/** The line of the score a region sings in; colour follows it. */
export type VoiceId = 'chest' | 'shoulders' | 'triceps' | 'helpers';

export const voiceIds: readonly VoiceId[] = ['chest', 'shoulders', 'triceps', 'helpers'];

export const voiceNames: Record<VoiceId, string> = {
  chest: 'Chest',
  shoulders: 'Shoulders',
  triceps: 'Triceps',
  helpers: 'Helpers',
};

/** What volume bands are written for. Delts count each by itself and are never added up. */
export const groupIds = ['chest', 'deltFront', 'deltSide', 'deltRear', 'triceps'] as const;
export type GroupId = (typeof groupIds)[number];

export const groupNames: Record<GroupId, string> = {
  chest: 'Chest',
  deltFront: 'Front delt',
  deltSide: 'Side delt',
  deltRear: 'Rear delt',
  triceps: 'Triceps',
};

interface Region {
  /** What a coach calls it. */
  name: string;
  /** The anatomical name. */
  latin: string;
  voice: VoiceId;
  group: GroupId | null;
}

export const regions: Record<RegionId, Region> = {
  pecUpper: {
    name: 'Upper chest',
    latin: 'pectoralis major, clavicular head',
    voice: 'chest',
    group: 'chest',
  },
  pecMiddle: {
    name: 'Middle chest',
    latin: 'pectoralis major, sternal head',
    voice: 'chest',
    group: 'chest',
  },
  pecLower: { name: 'Lower chest', latin: 'pectoralis major, costal fibres', voice: 'chest', group: 'chest' },
  deltFront: { name: 'Front delt', latin: 'anterior deltoid', voice: 'shoulders', group: 'deltFront' },
  deltSide: { name: 'Side delt', latin: 'lateral deltoid', voice: 'shoulders', group: 'deltSide' },
  deltRear: { name: 'Rear delt', latin: 'posterior deltoid', voice: 'shoulders', group: 'deltRear' },
  triLong: { name: 'Long head', latin: 'triceps brachii, long head', voice: 'triceps', group: 'triceps' },
  triLateral: {
    name: 'Lateral head',
    latin: 'triceps brachii, lateral head',
    voice: 'triceps',
    group: 'triceps',
  },
  triMedial: {
    name: 'Medial head',
    latin: 'triceps brachii, medial head',
    voice: 'triceps',
    group: 'triceps',
  },
  serratus: { name: 'Serratus', latin: 'serratus anterior', voice: 'helpers', group: null },
  cuff: { name: 'External rotators', latin: 'infraspinatus and teres minor', voice: 'helpers', group: null },
  retractors: {
    name: 'Retractors',
    latin: 'middle and lower trapezius, rhomboids',
    voice: 'helpers',
    group: null,
  },
  upperTrap: { name: 'Upper traps', latin: 'upper trapezius', voice: 'helpers', group: null },
  biceps: { name: 'Biceps', latin: 'biceps brachii', voice: 'helpers', group: null },
};

/** Sets owed to each region by one set of a movement: 1 direct, 0.5 indirect, 0.25 noticeable. */
export type Credits = Partial<Record<RegionId, number>>;

const heads = Object.fromEntries(
  groupIds.map((group) => [group, regionIds.filter((id) => regions[id].group === group)]),
) as Record<GroupId, RegionId[]>;

/** A group's credit is the largest of its heads, never their sum. */
export function groupCredit(credits: Credits, group: GroupId): number {
  let most = 0;
  for (const id of heads[group]) most = Math.max(most, credits[id] ?? 0);
  return most;
}

/** The voice a movement is drawn in: that of its largest credit, earlier voices winning ties. */
export function leadVoice(credits: Credits): VoiceId {
  let best: VoiceId = 'helpers';
  let most = 0;
  for (const id of regionIds) {
    const credit = credits[id] ?? 0;
    if (credit > most) {
      most = credit;
      best = regions[id].voice;
    }
  }
  return best;
}

export const voiceCredit = (credits: Credits, voice: VoiceId): number =>
  Math.max(0, ...regionIds.filter((id) => regions[id].voice === voice).map((id) => credits[id] ?? 0));

/** Nothing of any group. */
export const noGroups = (): Record<GroupId, number> =>
  Object.fromEntries(groupIds.map((g) => [g, 0])) as Record<GroupId, number>;
