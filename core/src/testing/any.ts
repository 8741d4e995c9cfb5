import fc from 'fast-check';
import type { Kit } from '../kit';
import type { Context } from '../measure';
import { entries, type Rig, rigSchema } from '../movements';
import { rules } from '../review';
import { type School, schools, startingLine } from '../schools';
import {
  type Client,
  dayKinds,
  limitIds,
  type Line,
  type Scheme,
  schoolIds,
  type Session,
  sessionSchema,
} from '../session';
import { formulaIds } from '../strength';
import { sampleClient, sampleKit, session } from '../examples';

/** Anything the schemas allow and a coach could come to, for property tests. */
const whole = (min: number, max: number) => fc.integer({ min, max });
const reps = fc.tuple(whole(1, 60), whole(0, 8)).map(([lo, more]) => ({ lo, hi: lo + more }));
const sets = whole(1, 12);
const on = fc.constantFrom('every set' as const, 'last set' as const);
const falling = fc.array(whole(1, 40), { minLength: 2, maxLength: 8 }).map((l) => l.sort((a, b) => b - a));
const rising = fc
  .array(whole(1, 40), { minLength: 2, maxLength: 8 })
  .map((l) => l.sort((a, b) => a - b))
  .filter((l) => l[0] !== l[l.length - 1]);

/** The id of the coach's own school in any context. */
const OWN_SCHOOL = 'own-school';

/** Any scheme of each kind. */
export const schemesOf: { [K in Scheme['kind']]: fc.Arbitrary<Scheme> } = {
  straight: fc.record({ kind: fc.constant('straight'), sets, reps }),
  ascending: fc.record({ kind: fc.constant('ascending'), reps: falling }),
  descending: fc.record({ kind: fc.constant('descending'), reps: rising }),
  list: fc.record({ kind: fc.constant('list'), reps: fc.array(reps, { minLength: 1, maxLength: 8 }) }),
  'top and back-off': fc.record({
    kind: fc.constant('top and back-off'),
    top: reps,
    sets: whole(1, 11),
    reps,
    lighter: whole(1, 60),
  }),
  drop: fc.record({ kind: fc.constant('drop'), sets, reps, drops: whole(1, 4), lighter: whole(5, 60), on }),
  'mechanical drop': fc.record({
    kind: fc.constant('mechanical drop'),
    sets,
    reps,
    knob: fc.constant('gripBiacromial'),
    easier: fc.array(fc.constantFrom(1, 1.25, 1.5, 2), { minLength: 1, maxLength: 3 }),
  }),
  'rest-pause': fc.record({
    kind: fc.constant('rest-pause'),
    sets,
    reps,
    bouts: whole(1, 5),
    pauseS: whole(5, 40),
    on,
  }),
  'burn-out': fc.record({ kind: fc.constant('burn-out'), sets, total: whole(10, 120), pauseS: whole(5, 60) }),
  'to failure': fc.record({
    kind: fc.constant('to failure'),
    sets,
    about: whole(1, 60),
    until: fc.constantFrom('form' as const, 'muscle' as const),
  }),
  hold: fc.record({ kind: fc.constant('hold'), sets, seconds: whole(3, 120) }),
};
export const anyScheme = fc.oneof(...Object.values(schemesOf));

const reserve = fc.constantFrom(0, 0.5, 1, 2, 3, 4);
const second = whole(0, 6);

/** Any movement of the catalogue in any of its settings and any scheme, with or without loads by hand. */
export const anyLine = (id: string): fc.Arbitrary<Line> =>
  fc
    .record({
      entry: fc.constantFrom(...entries),
      scheme: anyScheme,
      turn: fc.record({
        benchDeg: whole(-20, 90),
        tuckDeg: whole(0, 90),
        gripBiacromial: fc.constantFrom(0.5, 1, 1.5, 2.2),
      }),
      reserve: fc.record({ first: reserve, last: reserve }),
      tempo: fc.record({
        lower: whole(1, 6),
        stretched: second,
        lift: fc.constantFrom(0, 1, 1.5, 3),
        shortened: second,
      }),
      restS: whole(0, 400),
      loadKg: fc.oneof(
        { weight: 3, arbitrary: fc.constant(null) },
        fc.double({ min: 0, max: 200, noNaN: true }),
        fc.array(fc.constantFrom(10, 22.5, 60), { minLength: 1, maxLength: 5 }),
      ),
      more: fc.record(
        {
          loads: fc.constantFrom('one' as const, 'down' as const),
          percentOf: fc.constantFrom(...entries).map((e) => ({ lift: e.id, percent: 80 })),
          hung: fc.constantFrom({ of: 'links', aSide: 1 }, { of: 'nowhere', aSide: 2 }),
          squeezeS: whole(5, 30),
        },
        { requiredKeys: [] },
      ),
    })
    .map(({ entry, turn, more, ...rest }) => {
      const started = startingLine(entry, schools.evidence, id);
      return { ...started, ...rest, ...more, rig: settingsOf({ ...started.rig, ...turn }, started.rig) };
    });

/** The settings turned, where a document would take them. */
const settingsOf = (turned: Rig, asIs: Rig): Rig => (rigSchema.safeParse(turned).success ? turned : asIs);

/** Up to five lines, alone, in pairs and in a giant set. */
export const anySession: fc.Arbitrary<Session> = fc
  .record({
    lines: fc.tuple(...['a', 'b', 'c', 'd', 'e'].map(anyLine)),
    parts: fc.constantFrom([1, 1, 1, 1], [2, 1, 2], [1, 3, 1], [5], [1], []),
    minutes: whole(10, 120),
    school: fc.constantFrom(...schoolIds, OWN_SCHOOL),
    spotter: fc.boolean(),
    kind: fc.option(fc.constantFrom(...dayKinds), { nil: undefined }),
    held: fc.nat(12),
  })
  .map(({ lines, parts, held, ...head }) => {
    let at = 0;
    const blocks = parts.map((n, i) => ({
      id: `block-${i}`,
      kind: n === 1 ? ('single' as const) : n === 2 ? ('superset' as const) : ('giant' as const),
      betweenS: 10,
      lines: lines.slice(at, (at += n)),
      ...(i === held ? { held: true as const } : {}),
    }));
    return sessionSchema.parse(JSON.parse(JSON.stringify(session([], { ...head, blocks }))));
  });

const few = <T>(from: readonly T[]): fc.Arbitrary<T[]> =>
  fc.subarray([...from], { minLength: 0, maxLength: from.length });

const stations = [
  ...new Set(
    entries.filter((e) => ['cable', 'machine'].includes(e.movement.implement)).map((e) => e.movement.station),
  ),
];
const anyStack: fc.Arbitrary<Kit['stacks'][number]> = fc.record({
  id: fc.constantFrom('one', 'two', 'three'),
  name: fc.constant('Stack'),
  serves: fc.subarray(stations, { minLength: 1 }),
  firstKg: fc.constantFrom(1.25, 5, 20),
  stepKg: fc.constantFrom(0.5, 2.5, 5, 4.5359),
  maxKg: fc.constantFrom(2.5, 50, 200),
  addOnsKg: few([1.25, 2.5]),
  count: whole(1, 4),
  ratio: fc.constantFrom(0.5, 1),
});

/** From an empty room to a hall that has everything, in kilograms or pounds. */
export const anyKit: fc.Arbitrary<Kit> = fc
  .record({
    unit: fc.constantFrom('kg' as const, 'lb' as const),
    bars: few([
      ...sampleKit.bars,
      { id: 'rails', name: 'Rails', kg: 12, use: 'guided' as const },
      { id: 'hinge', name: 'Hinged bar', kg: 15, use: 'landmine' as const },
      { id: 'short', name: 'Short bar', kg: 20.4117, use: 'straight' as const },
    ]),
    plates: few([
      ...sampleKit.plates,
      { kg: 20.4117, pairs: 2 },
      { kg: 4.5359, pairs: 1 },
      { kg: 25, pairs: 0 },
    ]),
    dumbbells: few([...sampleKit.dumbbells, { kg: 9.0718, pairs: 3 }]),
    stacks: fc.array(anyStack, { maxLength: 3 }),
    benches: few(sampleKit.benches),
    places: few(['dip bars', 'landmine']),
    dipBelt: fc.boolean(),
    rack: fc.record({ count: whole(0, 2), safetyArms: fc.boolean() }),
    chains: few([{ id: 'links', name: 'Links', kgPerMetre: 6, metres: 2, aSide: 2 }]),
    bands: few([
      {
        id: 'band',
        name: 'Band',
        points: [
          { lengthM: 0.5, newtons: 0 },
          { lengthM: 1.2, newtons: 180 },
        ],
      },
    ]),
    attachments: few(['rope', 'single handles', 'straight bar'] as const),
  })
  .map((kit) => ({ ...sampleKit, ...kit }));

/** Tested or not, hurt or not, tall or short. */
export const anyClient: fc.Arbitrary<Client> = fc
  .record({
    statureM: fc.double({ min: 1.4, max: 2.1, noNaN: true }),
    massKg: fc.double({ min: 42, max: 160, noNaN: true }),
    unit: fc.constantFrom('kg' as const, 'lb' as const),
    formula: fc.constantFrom('median' as const, ...formulaIds),
    trainingAge: fc.constantFrom('under 1 year' as const, '1 to 3 years' as const, 'over 3 years' as const),
    limits: few(limitIds.map((limit) => ({ limit, note: '' }))),
    tests: few(sampleClient.tests),
  })
  .map((client) => ({ ...sampleClient, ...client }));

/** One of the coach's own: any of those that ship, counted, banded and heard otherwise. */
const anySchool: fc.Arbitrary<School> = fc
  .record({
    from: fc.constantFrom(...schoolIds),
    voices: fc.dictionary(
      fc.constantFrom(...rules.map((r) => r.id)),
      fc.constantFrom('stop' as const, 'watch' as const, 'note' as const, 'off' as const),
      { maxKeys: 6 },
    ),
    hardReserve: fc.constantFrom(2, 4, 6),
    indirect: fc.boolean(),
    mainBand: fc.tuple(whole(0, 9), whole(1, 12)).map(([lo, more]) => ({ lo, hi: lo + more })),
  })
  .map(({ from, voices, hardReserve, indirect, mainBand }) => ({
    ...schools[from],
    id: OWN_SCHOOL,
    voices,
    mainBand,
    counting: { ...schools[from].counting, hardReserve, indirect },
  }));

export const anyContext: fc.Arbitrary<Context> = fc.record({
  client: anyClient,
  schools: fc.tuple(anySchool),
  kit: anyKit,
  logged: fc.constant([]),
  todayIso: fc.constant('2026-11-24'),
});
