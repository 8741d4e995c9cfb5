import { causesFirst } from './causes';
import type { Matter } from './model';

const matter = (rule: string, patch: Partial<Matter> = {}): Matter => ({
  key: `${rule} ${(patch.on ?? []).join(' ')}`.trim(),
  rule,
  severity: 'note',
  ground: 'common practice',
  on: [],
  at: 'movement',
  sets: [],
  what: `${rule}.`,
  why: 'Because.',
  dismissed: null,
  asideFor: null,
  drafts: () => [],
  keeps: false,
  moves: undefined,
  mustGo: false,
  lessens: false,
  ...patch,
});
const told = (...all: Matter[]) => causesFirst(all).map((m) => [m.rule, m.severity, m.why]);

test('a weak point, its missing movement, its head and its muscle are one card, as loud as the loudest', () => {
  expect(
    told(
      matter('weak-point-short', { moves: { of: 'pecUpper', by: 1 } }),
      matter('missing-upper-chest', { moves: { of: 'pecUpper', by: 1 } }),
      matter('head-below-floor', { moves: { of: 'pecUpper', by: 1 } }),
      matter('session-band', { moves: { of: 'chest', by: 1 }, severity: 'watch' }),
    ),
  ).toEqual([['weak-point-short', 'watch', 'Because. missing-upper-chest. head-below-floor. session-band.']]);
});

test('another muscle, another part, and too much of the same stay apart', () => {
  const upper = matter('missing-upper-chest', { moves: { of: 'pecUpper', by: 1 } });
  for (const other of [
    matter('session-band', { moves: { of: 'triceps', by: 1 } }),
    matter('session-band', { moves: { of: 'chest', by: -1 } }),
    matter('head-below-floor', { moves: { of: 'pecLower', by: 1 } }),
  ])
    expect(told(upper, other)).toHaveLength(2);
});

test('what only follows from something told goes with the first cause of all', () => {
  expect(
    told(
      matter('session-band', { on: ['a'], moves: { of: 'chest', by: 1 } }),
      matter('uncounted-sets', { on: ['a'], severity: 'watch' }),
      matter('rack-runs-out', { on: ['a'] }),
      matter('missing-adduction'),
    ),
  ).toEqual([['rack-runs-out', 'watch', 'Because. session-band. uncounted-sets. missing-adduction.']]);
});

test('a caution worth knowing hides nothing louder; one that is set aside hides nothing of the movement', () => {
  const easy = matter('uncounted-sets', { on: ['a'], severity: 'watch' });
  const limit = (patch: Partial<Matter>): Matter => matter('client-limits', { on: ['a'], ...patch });
  expect(told(limit({ severity: 'watch' }), easy)).toHaveLength(1);
  expect(told(limit({ severity: 'note' }), easy)).toHaveLength(2);
  expect(told(limit({ severity: 'watch', dismissed: 'cleared' }), easy)).toHaveLength(2);
});

test('a stop and what a coach set aside are told by themselves; another movement’s are another matter', () => {
  const first = matter('failure-first-compound', { on: ['a'], severity: 'watch' });
  expect(told(first, matter('failure-not-last', { on: ['a'] }))).toHaveLength(1);
  expect(told(first, matter('failure-not-last', { on: ['a', 'b'] }))).toHaveLength(2);
  expect(told(first, matter('failure-not-last', { on: ['a'], dismissed: 'so it is' }))).toHaveLength(2);
  expect(told(first, matter('failure-not-last', { on: ['a'], severity: 'stop' }))).toHaveLength(2);
});
