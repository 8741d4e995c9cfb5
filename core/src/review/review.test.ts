import { appraise } from '../appraise';
import type { Context } from '../measure';
import { findEntry } from '../movements';
import { schools, startingLine } from '../schools';
import { applyEdit, type Line, schoolIds, type Session } from '../session';
import { line, sampleClient, sampleContext, sampleKit, session, soundPush } from '../examples';
import { rulePages } from './pages';

const alone: Context = { ...sampleContext, kit: { ...sampleKit, rack: { count: 1, safetyArms: false } } };
const straight = (sets: number, lo: number, hi = lo): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets, reps: { lo, hi } },
});
const hard: Partial<Line> = { reserve: { first: 2, last: 1 } };
const findings = (s: Session, context = sampleContext) => appraise(s, context).findings;

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
  expect(findings(s).find((f) => f.rule === 'wide-and-flared')!.severity).toBe('stop');
});

test('a finding set aside keeps its reason and goes to the end', () => {
  const s = { ...soundPush, minutes: 48 };
  const { key } = findings(s)[0]!;
  const after = findings(applyEdit(s, { do: 'dismiss', finding: key, reason: 'a long evening' }));
  const last = after[after.length - 1]!;
  expect([last.key, last.dismissed]).toEqual([key, 'a long evening']);
});

test('a school can hear a rule louder or softer', () => {
  const s = rulePages['failure-first-compound']!.fires.session;
  const loud = (school: Session['school']) =>
    findings({ ...s, school }).find((f) => f.rule === 'failure-first-compound')?.severity;
  expect([loud('pump'), loud('evidence'), loud('foundations')]).toEqual([undefined, 'watch', 'stop']);
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
  expect(found.what).toMatch(/set \d reaches about \d+ of 12–15\.$/);
  expect(found.why).toMatch(/^At 9 kg: /);
  expect(found.fixes[0]!.label).toMatch(/^Write \d+–\d+ reps$/);
  const after = findings(applyEdit(s, found.fixes[0]!.edit), coarse);
  expect(after.some((f) => f.rule === 'short-of-range')).toBe(false);
});

/** What a school starts a line with: effort, rests, reps and tempo, each within its own rules. */
const ofStarting = [
  'rest-at-the-top',
  'short-rests',
  'failure-first-compound',
  'failure-before-heavy',
  'failure-not-last',
  'beginner-failure',
  'reps-off-home',
  'reps-outside-growth',
  'aim-homes',
  'too-many-movements',
];

test.each(schoolIds)('a session as %s starts it does not trip its own review', (school) => {
  const names = [
    'incline-dumbbell-press',
    'dumbbell-bench-press',
    'cable-lateral-raise',
    'cable-overhead-extension',
  ];
  const lines = names.map((id) => startingLine(findEntry(id)!, schools[school], id));
  const novice = school === 'foundations' || undefined;
  const context = {
    ...sampleContext,
    client: { ...sampleClient, ...(novice ? { trainingAge: 'under 1 year' as const } : {}) },
  };
  const found = findings(session(lines, { school }), context).filter((f) => ofStarting.includes(f.rule));
  expect(found.filter((f) => f.severity !== 'note').map((f) => f.what)).toEqual([]);
});

test('a beginner in a school written for beginners has its bands as they are', () => {
  const context = { ...sampleContext, client: { ...sampleClient, trainingAge: 'under 1 year' as const } };
  const band = (school: Session['school']) =>
    appraise(session([line('push-up')], { school }), context).dose.groups.chest.band;
  expect(band('foundations')).toEqual(schools.foundations.mainBand);
  expect(band('evidence')!.hi).toBeLessThan(schools.evidence.mainBand.hi);
});

test('the group a session is for is asked for its band, the front delt too', () => {
  const s = session([line('front-raise'), line('cable-lateral-raise'), line('pushdown')], {
    emphasis: 'deltFront',
  });
  expect(findings(s).map((f) => f.key)).toContain('session-band deltFront');
});

test('a rule set aside for a client or for a school is silent there, with its reason, and nowhere else', () => {
  const s = rulePages['redundant-presses']!.fires.session;
  const aside = [{ rule: 'redundant-presses', reason: 'as we like it', on: '2026-11-02' }];
  const of = (context: Context, school = s.school) =>
    findings({ ...s, school }, context).find((f) => f.rule === 'redundant-presses')!;
  const forClient = of({ ...sampleContext, client: { ...sampleClient, aside } });
  expect([forClient.dismissed, forClient.asideFor]).toEqual(['as we like it', 'client']);
  const own = { ...schools.evidence, id: 'own', aside };
  const forSchool = of({ ...sampleContext, schools: [own] }, 'own');
  expect([forSchool.dismissed, forSchool.asideFor]).toEqual(['as we like it', 'school']);
  expect(of({ ...sampleContext, schools: [own] }).dismissed).toBeNull();
});
