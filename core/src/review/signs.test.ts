import type { Finding, Place } from './model';
import { signsOf } from './signs';

const finding = (key: string, on: string[], at: Place, dismissed: string | null = null): Finding => ({
  key,
  rule: key,
  severity: 'watch',
  ground: 'mechanics',
  on,
  at,
  sets: [],
  what: key,
  why: '',
  fixes: [],
  dismissed,
  asideFor: null,
});

test('a sign stands at each line and figure: the loudest that is open', () => {
  const signs = signsOf([
    finding('heavy', ['a'], 'load'),
    finding('light', ['a', 'b'], 'load'),
    finding('rest', ['a'], 'rest'),
    finding('set aside', ['c'], 'rest', 'as wanted'),
    finding('session', [], 'movement'),
  ]);
  expect(signs.get('a')?.load?.key).toBe('heavy');
  expect(signs.get('a')?.rest?.key).toBe('rest');
  expect(signs.get('b')?.load?.key).toBe('light');
  expect([...signs.keys()]).toEqual(['a', 'b']);
});
