import fc from 'fast-check';
import { kgFromLb } from '@drimbo/core/units';
import { askedRamp, askedSet, askedPercentage, askedUnit, percents } from './asked';

const at = (words: Record<string, string>): URLSearchParams => new URLSearchParams(words);

test('a set is read from the address in its unit', () => {
  expect(askedSet(at({ load: '100', reps: '5' }), 'kg').set).toEqual({ loadKg: 100, reps: 5, left: 0 });
  expect(askedSet(at({ load: '225', reps: '5', left: '1.5' }), 'lb').set).toEqual({
    loadKg: kgFromLb(225),
    reps: 5,
    left: 1.5,
  });
});

test.each([
  [{}, ''],
  [{ load: '100' }, ''],
  [{ reps: '8' }, ''],
  [{ load: 'heavy', reps: '5' }, 'The load is a figure from 0.5 to 1000.'],
  [{ load: '0', reps: '5' }, 'The load is a figure from 0.5 to 1000.'],
  [{ load: '60', reps: '5.5' }, 'Reps are a whole number from 1 to 36.'],
  [{ load: '60', reps: '37' }, 'Reps are a whole number from 1 to 36.'],
  [{ load: '60', reps: '5', left: 'some' }, 'What was left is a figure from 0 to 10.'],
  [
    { load: '60', reps: '35', left: '2' },
    'Reps and what was left may come to 36; beyond that no max can be told.',
  ],
])('%j makes no set, and says %p', (words, wrong) => {
  const asked = askedSet(at(words as Record<string, string>), 'kg');
  expect([asked.set, asked.wrong]).toEqual([null, wrong]);
});

test('whatever stands in an address, there is a share, a way up and a unit to work with', () => {
  fc.assert(
    fc.property(fc.string(), (text) => {
      const asked = at({ work: text, ramp: text, unit: text, load: text, reps: text, left: text });
      expect(percents).toContain(askedPercentage(asked));
      expect(['ladder', 'two sets']).toContain(askedRamp(asked));
      expect(['kg', 'lb']).toContain(askedUnit(asked, 'kg'));
      const { set, wrong, typed } = askedSet(asked, 'kg');
      expect(typed.load).toBe(text);
      if (set) expect([set.loadKg > 0, wrong]).toEqual([true, '']);
    }),
  );
});
