import fc from 'fast-check';
import { sampleBlock } from '../block';
import { sampleClient, sampleKit, soundPush } from '../examples';
import { emptyNotebook } from '../movements';
import { anyClient, anyKit, anySession } from '../testing/any';
import { expectPinned } from '../testing/pinned';
import { schools } from '../schools';
import { changesOf, differing, kinds, type Kind, partName, partText } from './index';

const SEED = 4;
const block = sampleBlock(4);
const { id: _id, ...pump } = schools.pump;
const life = {
  id: 'sick',
  what: 'sick',
  from: '2026-12-02',
  to: '2026-12-03',
  then: 'move',
  note: '',
} as const;
const template = { id: 't', name: 'Plain push', keptOn: '2026-11-01', session: soundPush };

const asKept = (document: unknown): object => JSON.parse(JSON.stringify(document)) as object;

/** Two versions of a document of each kind, as different as they come. */
const pairs: [keyof typeof kinds, object, object][] = [
  ...fc
    .sample(fc.tuple(anyClient, anyClient), { seed: SEED, numRuns: 4 })
    .map(([a, b]) => ['client', a, b] as const),
  ...fc
    .sample(fc.tuple(anySession, anySession), { seed: SEED, numRuns: 4 })
    .map(([a, b]) => ['session', a, b] as const),
  ...fc.sample(fc.tuple(anyKit, anyKit), { seed: SEED, numRuns: 3 }).map(([a, b]) => ['kit', a, b] as const),
  ['client', sampleClient, { ...sampleClient, about: '', born: null, lagging: [], cues: { dip: ['Lean'] } }],
  ['kit', sampleKit, { ...sampleKit, spotter: true, dipBelt: !sampleKit.dipBelt, bars: [] }],
  ['school', { ...pump, aside: [] }, { ...pump, name: 'Own', forNovices: !pump.forNovices, aside: [] }],
  [
    'block',
    block,
    {
      ...block,
      life: [life],
      moved: [{ day: 3, to: '2026-12-09' }],
      made: [{ day: 0, training: 'push-a', session: 's', on: null }],
      rotateEvery: 5,
    },
  ],
  [
    'notebook',
    emptyNotebook,
    {
      ...emptyNotebook,
      hidden: ['dip'],
      shown: ['push-up'],
      cues: { dip: ['Lean', 'Slow'] },
      templates: [template],
      deleted: [{ on: '2026-11-02', template }],
    },
  ],
].map(([kind, a, b]) => [kind as keyof typeof kinds, asKept(a), asKept(b)]);

test('the parts in which documents differ are called, and say, what they did', () => {
  expectPinned(
    import.meta.dirname,
    'parts',
    Object.fromEntries(
      pairs.map(([name, mine, theirs], i) => {
        const kind = kinds[name] as unknown as Kind<string, object>;
        return [
          `${i} ${name}`,
          differing(kind, null, mine, theirs).map((part) => [
            part.key,
            partName(kind, part),
            partText(kind, part, 'mine', 'kg'),
            partText(kind, part, 'theirs', 'lb'),
          ]),
        ];
      }),
    ),
  );
});

test('what documents point to is what it was, and every change leads there and back', () => {
  for (const [name, mine, theirs] of pairs) {
    const of = changesOf(kinds[name] as unknown as Kind<string, object>);
    const change = of.between(mine, theirs);
    expect(of.between(of.apply(mine, change), theirs)).toEqual({});
    expect(of.between(of.apply(theirs, of.inverse(change)), mine)).toEqual({});
  }
  expectPinned(
    import.meta.dirname,
    'references',
    Object.fromEntries(
      pairs.map(([name, mine, theirs], i) => [
        `${i} ${name}`,
        [mine, theirs].map((d) => (kinds[name] as unknown as Kind<string, object>).refersTo(d)),
      ]),
    ),
  );
});
