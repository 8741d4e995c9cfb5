import { appraise, appraiseAtOnce } from '../appraise';
import type { Context } from '../measure/context';
import { sessionSchema, type Line, type Session } from '../session/document';
import { applyEdit } from '../session/edits';
import { line, sampleClient, sampleContext, sampleKit, session, soundPush } from '../testing/samples';
import { rules } from './rules';

const alone: Context = { ...sampleContext, kit: { ...sampleKit, rack: { count: 1, safetyArms: false } } };
const straight = (sets: number, lo: number, hi = lo): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets, reps: { lo, hi } },
});
const hard: Partial<Line> = { reserve: { first: 2, last: 1 } };
const warm = (movement: string, seconds: number | null = null): Session['warmup'] => [
  { id: 'w', movement, sets: 2, reps: seconds === null ? 12 : null, seconds, note: '' },
];
const findings = (s: Session, context = sampleContext) => appraise(s, context).findings;

/** Every rule: a session that breaks it, and where it needs one, a context. */
const broken: Record<string, { session: Session; context?: Context; severity: string; fixless?: true }> = {
  'steep-incline': {
    session: session([line('incline-dumbbell-press', {}, { benchDeg: 60 })]),
    severity: 'watch',
  },
  'steep-decline': {
    session: session([line('decline-dumbbell-press', {}, { benchDeg: -28 })]),
    severity: 'note',
  },
  'deep-fly': { session: session([line('dumbbell-fly', {}, { range: 'full' })]), severity: 'note' },
  'rest-at-the-top': {
    session: session([
      line('dumbbell-bench-press', { tempo: { lower: 2, stretched: 0, lift: 1, shortened: 2 } }),
    ]),
    severity: 'note',
  },
  'flare-on-incline': {
    session: session([line('incline-dumbbell-press', {}, { tuckDeg: 85 })]),
    severity: 'watch',
  },
  'very-wide-grip': {
    session: session([line('barbell-bench-press', {}, { gripBiacromial: 2.1 })]),
    severity: 'watch',
  },
  'redundant-presses': {
    session: session([line('barbell-bench-press'), line('dumbbell-bench-press')]),
    severity: 'watch',
  },
  'missing-long-head': {
    session: session([line('dumbbell-bench-press'), line('seated-dumbbell-press')]),
    severity: 'watch',
  },
  'missing-side-delt': {
    session: session([line('dumbbell-bench-press'), line('dumbbell-fly'), line('face-pull')]),
    severity: 'watch',
  },
  'missing-rear-or-rotation': {
    session: session([line('dumbbell-bench-press'), line('dumbbell-fly'), line('cable-lateral-raise')]),
    severity: 'note',
  },
  'optional-front-delt': {
    session: session([
      line('dumbbell-bench-press', straight(4, 8)),
      line('incline-dumbbell-press', straight(4, 8)),
      line('front-raise'),
    ]),
    severity: 'note',
  },
  'triceps-before-press': {
    session: session([line('pushdown'), line('dumbbell-bench-press')]),
    severity: 'watch',
  },
  'failure-first-compound': {
    session: session([
      line('dumbbell-bench-press', { reserve: { first: 0, last: 0 } }),
      line('seated-dumbbell-press'),
    ]),
    severity: 'watch',
  },
  'bar-alone': { session: session([line('barbell-bench-press', hard)]), context: alone, severity: 'stop' },
  'reverse-grip-alone': { session: session([line('reverse-grip-bench-press')]), severity: 'stop' },
  'dumbbells-low-reps': {
    session: session([line('dumbbell-bench-press', straight(4, 3))]),
    severity: 'watch',
  },
  'session-band': {
    session: session([
      line('barbell-bench-press', straight(6, 8)),
      line('cable-fly-shoulder-height', straight(12, 12)),
    ]),
    severity: 'watch',
  },
  'over-time': { session: { ...soundPush, minutes: 48 }, severity: 'watch' },
  'static-stretch-first': {
    session: session([line('push-up')], { warmup: warm('static-chest-stretch', 60) }),
    severity: 'watch',
  },
  'useless-rotation': {
    session: session([line('push-up')], { warmup: warm('standing-dumbbell-rotation') }),
    severity: 'watch',
  },
  'angle-not-on-bench': {
    session: session([line('incline-dumbbell-press', {}, { benchDeg: 37 })]),
    severity: 'watch',
  },
  'not-in-this-gym': { session: session([line('chest-press-machine')]), severity: 'stop' },
  'load-not-makeable': {
    session: session([line('dumbbell-bench-press', { loadKg: 23 })]),
    severity: 'watch',
  },
  'rack-runs-out': {
    session: session([line('dumbbell-bench-press')]),
    context: {
      ...sampleContext,
      client: { ...sampleClient, tests: [{ ...sampleClient.tests[0]!, loadKg: 180 }] },
    },
    severity: 'note',
  },
  'client-limits': {
    session: session([line('chest-dip')]),
    context: {
      ...sampleContext,
      client: { ...sampleClient, limits: [{ limit: 'shoulder front', note: '' }] },
    },
    severity: 'watch',
  },
  'beginner-failure': {
    session: session([line('pushdown', { reserve: { first: 1, last: 0 } })]),
    context: { ...sampleContext, client: { ...sampleClient, trainingAge: 'under 1 year' } },
    severity: 'watch',
  },
  'lockout-over-max': {
    session: session([line('bench-press-with-chains', { loadKg: 115 })]),
    context: {
      ...sampleContext,
      kit: { ...sampleKit, chains: [{ id: 'c', name: 'Chains', kgPerMetre: 12, metres: 2, aSide: 1 }] },
    },
    severity: 'watch',
  },
  'beginner-techniques': {
    session: session([
      line('pushdown', {
        scheme: {
          kind: 'rest-pause',
          sets: 2,
          reps: { lo: 10, hi: 12 },
          bouts: 2,
          pauseS: 15,
          on: 'last set',
        },
      }),
    ]),
    context: { ...sampleContext, client: { ...sampleClient, trainingAge: 'under 1 year' } },
    severity: 'watch',
  },
  'short-rack': {
    session: session([
      line('dumbbell-bench-press', {
        scheme: { kind: 'drop', sets: 2, reps: { lo: 8, hi: 10 }, drops: 3, lighter: 25, on: 'last set' },
      }),
    ]),
    context: {
      ...sampleContext,
      kit: { ...sampleKit, dumbbells: [20, 24, 30].map((kg) => ({ kg, pairs: 1 })) },
    },
    severity: 'watch',
  },
  'kit-at-once': {
    session: session([], {
      blocks: [
        {
          id: 'pair',
          kind: 'superset',
          betweenS: 10,
          lines: [line('dumbbell-bench-press', { loadKg: 20 }), line('dumbbell-curl', { loadKg: 20 })],
        },
      ],
    }),
    severity: 'watch',
  },
  'uncounted-sets': {
    session: session([line('dumbbell-bench-press', { loadKg: 16 })]),
    severity: 'watch',
  },
  'reps-off-home': {
    session: session([line('dumbbell-lateral-raise', straight(3, 5))]),
    severity: 'note',
  },
  'short-of-range': {
    session: session([line('barbell-bench-press', { loadKg: 100 })]),
    severity: 'watch',
  },
  'far-pair': {
    session: session([], {
      blocks: [
        {
          id: 'pair',
          kind: 'superset',
          betweenS: 10,
          lines: [line('dumbbell-bench-press'), line('cable-lateral-raise')],
        },
      ],
    }),
    context: {
      ...sampleContext,
      kit: { ...sampleContext.kit, apart: [{ a: 'cables', b: 'dumbbells', metres: 30 }] },
    },
    severity: 'watch',
  },
  'ask-first': {
    session: session([line('push-up')]),
    context: {
      ...sampleContext,
      client: {
        ...sampleClient,
        health: { askFirst: true, reason: 'x', clearedBy: '', askedOn: '2026-10-01' },
      },
    },
    severity: 'stop',
    fixless: true,
  },
};

test('every rule has a session that breaks it here', () => {
  expect(Object.keys(broken).sort()).toEqual(rules.map((r) => r.id).sort());
});

describe.each(Object.entries(broken))(
  '%s',
  (id, { session: s, context = sampleContext, severity, fixless }) => {
    const found = findings(s, context).filter((f) => f.rule === id);
    const first = found[0]!;

    test('is found, at its loudness, with what, why and ground', () => {
      expect(found.length).toBeGreaterThan(0);
      expect(first.severity).toBe(severity);
      expect(first.what.length).toBeGreaterThan(15);
      expect(first.why.length).toBeGreaterThan(15);
      expect(['published', 'mechanics', 'common practice', 'school']).toContain(first.ground);
    });

    test('is silent on a sound session', () => {
      expect(appraiseAtOnce(soundPush, sampleContext).findings.filter((f) => f.rule === id)).toEqual([]);
    });

    if (!fixless)
      test('every fix makes a valid session, does what it announced, and the first remedies it', () => {
        expect(first.fixes.length).toBeGreaterThan(0);
        const before = appraise(s, context);
        for (const fix of first.fixes) {
          const after = applyEdit(s, fix.edit);
          expect(sessionSchema.safeParse(after).success).toBe(true);
          const { totals } = appraiseAtOnce(after, context);
          expect(totals.minutes - before.totals.minutes).toBeCloseTo(fix.effect.minutes, 6);
          expect(totals.workingSets - before.totals.workingSets).toBe(fix.effect.sets);
        }
        const after = appraiseAtOnce(applyEdit(s, first.fixes[0]!.edit), context).findings;
        expect(after.map((f) => f.key)).not.toContain(first.key);
      });
  },
);

test.each([
  ['standing-barbell-press', 20, true],
  ['dumbbell-bench-press', 16, true],
  ['dumbbell-bench-press', 15, false],
  ['push-up', 30, false],
  ['chest-press-machine', 20, false],
  ['dumbbell-fly', 6, true],
  ['cable-lateral-raise', 8, false],
  ['lying-triceps-extension', 6, false],
] as const)('%s for sets of %d: off its home is %p', (id, reps, off) => {
  const found = findings(session([line(id, straight(3, reps))])).filter((f) => f.rule === 'reps-off-home');
  expect(found.length > 0).toBe(off);
});

test('a sound push day has nothing to stop for or to watch', () => {
  expect(findings(soundPush).filter((f) => f.severity !== 'note')).toEqual([]);
});

test('safety arms or a spotter quiet the bar; the shoulder press with a bar is not over the body', () => {
  const bench = session([line('barbell-bench-press', hard)]);
  expect(findings(bench).some((f) => f.rule === 'bar-alone')).toBe(false);
  expect(findings({ ...bench, spotter: true }, alone).some((f) => f.rule === 'bar-alone')).toBe(false);
  expect(
    findings(session([line('seated-barbell-press', hard)]), alone).some((f) => f.rule === 'bar-alone'),
  ).toBe(false);
});

test('very wide hands with flared elbows on an incline stop', () => {
  const s = session([line('incline-barbell-press', {}, { gripBiacromial: 2.1, tuckDeg: 85 })]);
  expect(findings(s).find((f) => f.rule === 'flare-on-incline')!.severity).toBe('stop');
});

test('a finding set aside keeps its reason and goes to the end', () => {
  const s = broken['over-time']!.session;
  const { key } = findings(s)[0]!;
  const after = findings(applyEdit(s, { do: 'dismiss', finding: key, reason: 'a long evening' }));
  const last = after[after.length - 1]!;
  expect([last.key, last.dismissed]).toEqual([key, 'a long evening']);
});

test('a school can hear a rule louder or softer', () => {
  const s = broken['failure-first-compound']!.session;
  const loud = (school: Session['school']) =>
    findings({ ...s, school }).find((f) => f.rule === 'failure-first-compound')?.severity;
  expect([loud('pump'), loud('evidence'), loud('foundations')]).toEqual(['note', 'watch', 'stop']);
});

test('an empty session has nothing said about it', () => expect(findings(session([]))).toEqual([]));

test.each([
  [28, ['Lower for four seconds, pause one']],
  [24, ['Lower for four seconds, pause one, one-and-a-half reps']],
])('where the rack ends at %i kg: made hard enough, or another implement', (kg, first) => {
  const strong = { ...sampleContext, kit: { ...sampleContext.kit, dumbbells: [{ kg, pairs: 1 }] } };
  const found = findings(session([line('incline-dumbbell-press')]), strong);
  const labels = found.find((f) => f.rule === 'rack-runs-out')!.fixes.map((f) => f.label);
  expect(labels.slice(0, 1)).toEqual(first);
  expect(labels.some((l) => /^Use .*(barbell|cable|machine|guided)/.test(l))).toBe(true);
});

test('a gym without a rope says so where one is needed', () => {
  const bare = { ...sampleContext, kit: { ...sampleContext.kit, attachments: ['single handles' as const] } };
  const found = findings(session([line('face-pull'), line('cable-fly-shoulder-height')]), bare);
  expect(found.filter((f) => f.rule === 'not-in-this-gym').map((f) => f.on)).toEqual([['face-pull']]);
  const alone = {
    ...sampleContext,
    kit: { ...sampleContext.kit, stacks: [{ ...sampleContext.kit.stacks[0]!, count: 1 }] },
  };
  expect(
    findings(session([line('cable-fly-shoulder-height')]), alone).find((f) => f.rule === 'not-in-this-gym')
      ?.what,
  ).toContain('a second cable stack');
});

test('a rack with nothing lighter says which reps will come, and the reps can be written so', () => {
  const coarse = {
    ...sampleContext,
    kit: {
      ...sampleContext.kit,
      dumbbells: [{ kg: 9, pairs: 1 }],
    },
  };
  const s = session([
    line('incline-rear-raise', { scheme: { kind: 'straight', sets: 3, reps: { lo: 12, hi: 15 } } }),
  ]);
  const found = findings(s, coarse).find((f) => f.rule === 'short-of-range')!;
  expect(found.what).toContain('of 12–15 at 9 kg');
  expect(found.fixes[0]!.label).toMatch(/^Write \d+–\d+ reps$/);
  const after = findings(applyEdit(s, found.fixes[0]!.edit), coarse);
  expect(after.some((f) => f.rule === 'short-of-range')).toBe(false);
});
