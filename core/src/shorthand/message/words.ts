const set = (words: string): ReadonlySet<string> => new Set(words.split(' '));

/** Words a heading is made of: days, muscles, parts of a session. */
export const headingWords = set(
  'push pull legs day days week weeks wk session workout training block phase deload hypertrophy strength power volume heavy light upper lower body chest shoulder shoulders delts delt pecs pec tris tri triceps tricep biceps bis arms arm back side rear front main work working accessory accessories isolation compound compounds assistance finisher finishers cool cooldown down warm warmup up stretch stretching mobility activation prep part a b c d e i ii iii one two three four five first second third monday tuesday wednesday thursday friday saturday sunday mon tue tues wed thu thurs fri sat sun today tomorrow am pm and or the for on of to circuit superset supersets triset trisets tri-set set sets giant round rounds x exercise exercises program programme plan notes note optional core cardio men women group muscle hey hi focus emphasis split ppl general specific abs burnout pump lagging weak point points next new home gym',
);

/** Parts of a session that stand before a movement with a colon. */
export const partWords = set(
  'finisher main work accessory accessories isolation compound primary secondary burnout pump chest shoulders shoulder triceps tris delts arms optional first second third last exercise lift',
);

/** A heading under which things are warm-up until the next one. */
export const warmupOpening = /^(?:general |specific )?(?:warm[\s-]?ups?|wu|w\/u|activation|mobility|prep)\b/i;

/** A heading whose lines are done in turn; how many belong to it, 0 for all of them. */
export const turnOpenings: [RegExp, number][] = [
  [/^super[\s-]?sets?\b/i, 2],
  [/^ss\b/i, 2],
  [/^tri[\s-]?sets?\b/i, 3],
  [/^giant[\s-]?sets?\b/i, 0],
  [/^circuits?\b/i, 0],
  [/^\d{1,2} (?:rounds?|times through)\b/i, 0],
];

/** Columns of a table by the words over them. */
export const columnOf: Record<
  string,
  'name' | 'sets' | 'reps' | 'rir' | 'rpe' | 'rest' | 'load' | 'tempo' | 'note'
> = {
  exercise: 'name',
  exercises: 'name',
  movement: 'name',
  lift: 'name',
  name: 'name',
  sets: 'sets',
  set: 'sets',
  reps: 'reps',
  rep: 'reps',
  repetitions: 'reps',
  'rep range': 'reps',
  rir: 'rir',
  rpe: 'rpe',
  reserve: 'rir',
  rest: 'rest',
  'rest (s)': 'rest',
  'rest (sec)': 'rest',
  'rest (min)': 'rest',
  load: 'load',
  weight: 'load',
  kg: 'load',
  'load (kg)': 'load',
  'weight (kg)': 'load',
  tempo: 'tempo',
  notes: 'note',
  note: 'note',
  comments: 'note',
  cues: 'note',
};

/** Openings of a sentence to the client: no movement is asked for by it. */
export const addressing = set(
  'skip no let film keep focus add drink remember make try please if good great nice well done thanks thank have get send text message watch think use take when dont do enjoy smash crush go rest all everything tempo each every aim stay stop start you your we i this that these note nb ps increase reduce lower drop listen call log record',
);

/** Words that speak of many movements at once. */
export const forAll = set(
  'all everything every presses isolation isolations compounds compound big ones supersets rounds exercises movements',
);
