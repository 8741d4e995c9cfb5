import { type Kit, kitSchema } from '../../kit';
import { documentKind } from '../kind';
import { listed } from '../plain-words';

/** A gym: what can be loaded, and where. */
export const kitKind = documentKind<'kit', Kit>({
  kind: 'kit',
  name: 'gym',
  schema: kitSchema,
  steps: [
    {
      name: 'a block for the chest and raised handles can be missing',
      does: (document) => ({
        ...document,
        places: Array.isArray(document.places)
          ? [...(document.places as unknown[]), 'press block', 'raised handles']
          : document.places,
      }),
    },
  ],
  splits: {},
  names: {
    name: 'Name',
    unit: 'Loads in',
    bars: 'Bars',
    plates: 'Plates',
    dumbbells: 'Dumbbells',
    stacks: 'Stacks',
    benches: 'Benches',
    rack: 'Rack',
    spotter: 'Somebody to spot',
    places: 'Stations',
    dipBelt: 'Dip belt',
    attachments: 'Attachments',
    apart: 'Distances',
    chains: 'Chains',
    bands: 'Bands',
  },
  words: {
    plates: (plates: Kit['plates']) => listed(plates.map(({ kg, pairs }) => `${pairs} × ${kg}`)),
    dumbbells: (pairs: Kit['dumbbells']) => listed(pairs.map(({ kg, pairs: n }) => `${n} × ${kg}`)),
  },
  refersTo: () => [],
  isSingle: false,
  owner: null,
});
