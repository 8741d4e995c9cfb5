import { answered, askedOn, healthScreen, mustAskFirst, neverAsked, unansweredBy, yesTo } from './health';

const today = '2026-11-24';
const someone = (health = askedOn('2026-10-01'), born: number | null = 1990) => ({ health, born });

test.each([
  ['never asked', neverAsked, 'never asked'],
  ['all no, this year', askedOn('2026-10-01'), 'current'],
  ['all no, long ago', askedOn('2024-10-01'), 'over a year old'],
  ['a question open', { ...askedOn('2026-10-01'), answers: { heart: false } }, 'unfinished'],
  ['a yes', askedOn('2026-10-01', ['joints']), 'ask first'],
  ['a yes, old and uncleared', askedOn('2020-10-01', ['joints']), 'ask first'],
  ['a name without a day', { ...askedOn('2026-10-01', ['heart']), clearedBy: 'Dr Veld' }, 'ask first'],
  ['a day without a name', { ...askedOn('2026-10-01', ['heart']), clearedOn: '2026-10-02' }, 'ask first'],
  [
    'cleared',
    { ...askedOn('2026-10-01', ['heart']), clearedBy: 'Dr Veld', clearedOn: '2026-10-02' },
    'current',
  ],
])('%s', (_, health, state) => {
  expect(healthScreen(someone(health), today)).toBe(state);
});

test('a client under eighteen by the year of birth is a yes, whatever was answered', () => {
  expect(yesTo(someone(askedOn('2026-10-01'), 2010), today)).toEqual(['young']);
  expect(mustAskFirst(someone(askedOn('2026-10-01'), 2010), today)).toBe(true);
  expect(yesTo(someone(askedOn('2026-10-01'), null), today)).toEqual([]);
});

test('a new yes takes the clearance away; the same answer again, or a no, leaves it', () => {
  const cleared = { ...askedOn('2026-10-01', ['heart']), clearedBy: 'Dr Veld', clearedOn: '2026-10-02' };
  expect(answered(cleared, 'heart', true, today).clearedBy).toBe('Dr Veld');
  expect(answered(cleared, 'birth', false, today).clearedBy).toBe('Dr Veld');
  const again = answered(cleared, 'injury', true, today);
  expect([again.clearedBy, again.clearedOn, again.askedOn]).toEqual(['', '', today]);
  expect(healthScreen(someone(again), today)).toBe('ask first');
});

test('what was not asked is open, not a no', () => {
  const one = answered(neverAsked, 'heart', false, today);
  expect(unansweredBy(someone(one))).toHaveLength(8);
  expect(healthScreen(someone(one), today)).toBe('unfinished');
});
