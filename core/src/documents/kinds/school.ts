import { type SchoolDocument, schoolSchema, usualWeek } from '../../schools';
import { documentKind } from '../kind';
import type { Raw } from '../record';

/** A school of the coach's own: what a session is judged by. */
export const schoolKind = documentKind<'school', SchoolDocument>({
  kind: 'school',
  name: 'school',
  schema: schoolSchema,
  steps: [
    // Those that nearly every school has.
    { name: 'bands for the week', does: (document) => ({ ...document, weekBands: usualWeek }) },
    {
      name: 'what is held over the sets of a new line',
      does: (document) => ({ ...document, starting: { ...(document.starting as Raw), loads: 'one' } }),
    },
  ],
  splits: {},
  names: {
    name: 'Name',
    line: 'In one line',
    bands: 'Bands',
    mainBand: 'Main band',
    weekBands: 'Bands of the week',
    forNovices: 'For the first year',
    counting: 'Counting',
    valueScale: 'Value of a further set',
    restFloorS: 'Shortest rests',
    homes: 'Repetitions at home',
    schemes: 'Schemes',
    mostMovements: 'Most movements',
    starting: 'A line starts with',
    voices: 'Voices of rules',
    aside: 'Rules set aside',
  },
  words: {},
  refersTo: () => [],
  isSingle: false,
  owner: null,
});
