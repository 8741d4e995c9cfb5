import {
  COUNTS_FURTHER,
  plainSet,
  reserveAt,
  type RepRange,
  type Reserve,
  type SchemeField,
  type SetTarget,
} from './model';

/** The sets after which further stages follow. */
export const onWhich = ['every set', 'last set'] as const;

/** Sets, reps and the sets that go on, as a form asks for them; the scheme's own fields stand between. */
export const stagedFields = <S extends { sets: number; reps: RepRange; on: string }>(
  own: SchemeField<S>[],
): SchemeField<S>[] => [
  { key: 'sets', label: 'Sets', is: 'whole', min: 1, max: 12 },
  { key: 'reps', label: 'Reps', is: 'reps' },
  ...own,
  {
    key: 'on',
    label: 'On',
    is: 'choice',
    options: [
      { value: 'last set', says: 'the last set' },
      { value: 'every set', says: 'every set' },
    ],
  },
];

interface Stages {
  sets: number;
  reps: RepRange;
  on: (typeof onWhich)[number];
  /** Further stages after a set. */
  further: number;
  /** Reps of a further stage, 1 the first. */
  stageReps: (stage: number) => RepRange;
  /** Share of the first load in a stage, 1 the first. */
  share: (stage: number) => number;
  pauseS: number;
}

/** Bouts of sets that go on in further stages on a share of their load after a pause, seconds. */
export function stagedBouts(
  { sets, reps, on, further, stageReps, share, pauseS }: Stages,
  reserve: Reserve,
): SetTarget[] {
  const bouts: SetTarget[] = [];
  for (let set = 0; set < sets; set++) {
    const first = bouts.length;
    const more = on === 'every set' || set === sets - 1 ? further : 0;
    bouts.push({
      ...plainSet(reps, reserveAt(reserve, set, sets), set),
      restAfterS: more > 0 ? pauseS : null,
    });
    for (let stage = 1; stage <= more; stage++)
      bouts.push({
        ...plainSet(stageReps(stage), reserve.last, set),
        stage,
        counts: COUNTS_FURTHER,
        open: true,
        volumeOnly: true,
        loadOf: { bout: first, share: share(stage) },
        restAfterS: stage < more ? pauseS : null,
      });
  }
  return bouts;
}
