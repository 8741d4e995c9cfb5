import { creditsOf } from '../mechanics';
import { entries } from '../movements';
import { sampleKit } from '../examples';
import { limitIds } from '../session';
import { byName, measuredOf, pinMany, randomCases, ruleCases, soundCase } from '../testing/cases';
import { choiceKnobs, fullRig, numericKnobs } from '../movements';
import { expectPinned, expectPinnedMany } from '../testing/pinned';
import { adaptations, adapted, type Adaptation } from './adapting';
import { shortages } from './at-once';
import { atNotches, bestNotch } from './best-notch';
import { differentJob } from './complements';
import { cutsOf } from './cuts';
import { elsewhere } from './elsewhere';
import { filterEntries, mainRegions } from './filters';
import { hardnessOf, hardnessWords } from './hard';
import { kindEntries, kindnessOf, kindTo, turnWords } from './kindness';
import { cautionsOf, metBy } from './limits';
import { otherwise, swapWords } from './otherwise';
import { overlap } from './overlap';
import { setValues } from './set-values';
import { setsShared } from './sets-shared';
import { shortened } from './shortening';
import { soFar } from './so-far';
import { changeBy, jobOf, jobOfEntry, sameJob } from './swaps';
import { keptWorth, worthOf } from './worth';

const all = { text: '', region: null, family: null, hardWhere: null, kit: null, kindTo: null };
const body = { statureM: 1.75, massKg: 80 };
const cases = [soundCase, ...randomCases(8), ...ruleCases.filter((_, i) => i % 20 === 0)];

test('what is met at each limit, and what is kinder, is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'limits',
    Object.fromEntries(
      entries.map((e) => [
        e.id,
        [
          limitIds.map((limit) => [metBy(e.movement, e.rig, limit), kindTo(e, [limit])?.turned]),
          cautionsOf(e.movement, e.rig),
          kindnessOf(e.movement, e.rig, ['shoulder front', 'elbow']),
          turnWords(e.movement, e.rig),
          mainRegions(e),
          hardnessWords(hardnessOf(e.movement, e.rig, creditsOf(e.movement, e.rig), body)),
        ],
      ]),
    ),
  );
  expectPinned(import.meta.dirname, 'lists', {
    kind: limitIds.map((limit) => kindEntries(entries, { limits: [{ limit }] }).map((e) => e.id)),
    presses: filterEntries({ ...all, family: 'press' }).map((e) => e.id),
    stretched: filterEntries({ ...all, region: 'pecMiddle', hardWhere: 'stretched' }).map((e) => e.id),
    here: filterEntries({ ...all, text: 'press', kit: sampleKit, kindTo: 'elbow' }).map((e) => e.id),
    notches: ['barbell-bench-press', 'incline-dumbbell-press', 'seated-dumbbell-press'].map((id) => {
      const e = entries.find((one) => one.id === id)!;
      const rows = atNotches(e.movement, e.rig, [0, 15, 30, 45, 60, 75], body, 60);
      return [rows, bestNotch(rows, 'pecUpper'), bestNotch(rows, 'deltFront')];
    }),
    overlaps: entries
      .filter((_, i) => i % 9 === 0)
      .flatMap((a, _i, some) => some.map((b) => overlap(jobOfEntry(a), jobOfEntry(b)))),
  });
});

test('swaps, complements, cuts and worths of sessions are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'sessions',
    byName(cases, ({ session, context }, m) => [
      worthOf(m),
      keptWorth(m),
      cutsOf(m, 1).map((c) => c.edit),
      [...setsShared(m, 9)],
      m.lines.slice(0, 3).map((line) => {
        const swaps = sameJob(line, context, {} as never, 4);
        const other = otherwise(line, m);
        return [
          swaps.map((swap) => {
            const { minutes, efforts, hard, settings } = changeBy(swap, line, session, context, m);
            return [swap.entry.id, swap.score, swap.meets, minutes, efforts, hard, settings];
          }),
          other && swapWords(line, other),
          setValues(m, line),
          soFar(context.logged, line.movement.id),
        ];
      }),
      differentJob(m, (a, b) => overlap(a, b), 4).map((c) => [c.entry.id, { ...c, entry: null }]),
      shortages(m as never, m.lines as never),
    ]),
  );
});

test('sessions made for somebody else, for less time and for another gym are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'adapted',
    byName(cases.slice(0, 7), (one) => [
      ...(Object.keys(adaptations) as Adaptation[]).map((to) => adapted(measuredOf(one), to)),
      shortened(one.session, one.context, 40),
      elsewhere(one.session, one.context, 'other', {
        ...sampleKit,
        stacks: [],
        dumbbells: sampleKit.dumbbells.slice(0, 6),
      }),
      one.session.blocks.length,
      measuredOf(one).lines.map((line) => jobOf(line)).length,
    ]),
  );
});

test('limits at every setting, and swaps, cuts and worths of many sessions, are what they were', () => {
  const settings = entries.flatMap((e) => {
    const home = fullRig(e.movement, e.rig);
    const ends = numericKnobs.flatMap((knob) => {
      const spec = e.movement.knobs[knob];
      return spec ? [spec.min, (spec.min + spec.max) / 2, spec.max].map((v) => ({ ...home, [knob]: v })) : [];
    });
    const chosen = choiceKnobs.flatMap((knob) =>
      (e.movement.knobs[knob]?.options ?? []).map((v) => ({ ...home, [knob]: v })),
    );
    return [[e.id, e.movement, [home, ...ends, ...chosen]] as const];
  });
  expectPinnedMany(
    [import.meta.dirname, 'many-settings'],
    settings,
    ([id]) => id,
    ([, movement, rigs]) =>
      rigs.map((rig) => [
        limitIds.map((limit) => metBy(movement, rig, limit)),
        cautionsOf(movement, rig),
        kindnessOf(movement, rig, limitIds.slice(0, 4)),
      ]),
  );
  expectPinnedMany(
    [import.meta.dirname, 'many-names'],
    entries,
    ({ id }) => id,
    (e) => [
      limitIds.map((limit) => kindTo(e, [limit])),
      entries.map((other) => overlap(jobOfEntry(e), jobOfEntry(other))),
      hardnessOf(e.movement, e.rig, creditsOf(e.movement, e.rig), body),
    ],
  );
  pinMany(import.meta.dirname, [...randomCases(60), ...ruleCases.filter((_, i) => i % 4 === 0)], (_, m) => [
    worthOf(m),
    keptWorth(m),
    cutsOf(m, 0),
    [...setsShared(m, 8)],
    m.lines.map((line) => setValues(m, line)),
    m.lines.slice(0, 2).map((line) => {
      const other = otherwise(line, m);
      return other && [other.entry.id, swapWords(line, other)];
    }),
    shortages(m, m.lines as never),
    (Object.keys(adaptations) as Adaptation[]).map((to) => adapted(m, to)),
  ]);
});
