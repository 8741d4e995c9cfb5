import { documentKinds } from '../documents';
import { nulIn, tooDeep } from './well-formed';
import fc from 'fast-check';

test('text nested deeper than a document ever is is told by where, without being walked', () => {
  expect(tooDeep('{"a":'.repeat(20_000))).toBe(60 * 5);
  expect(tooDeep('['.repeat(61))).toBe(60);
  expect(tooDeep('['.repeat(60))).toBeNull();
  expect(tooDeep(`"${'['.repeat(99)}"`)).toBeNull();
  expect(tooDeep(String.raw`"\"${'{'.repeat(99)}"`)).toBeNull();
  expect(tooDeep('[1],'.repeat(99))).toBeNull();
});

test('depth is what a walk finds, for any JSON', () => {
  const walked = (v: unknown): number =>
    typeof v === 'object' && v !== null ? 1 + Math.max(0, ...Object.values(v).map(walked)) : 0;
  fc.assert(
    fc.property(fc.json({ maxDepth: 8 }), fc.integer({ min: 0, max: 9 }), (text, deepest) => {
      expect(tooDeep(text, deepest) === null).toBe(walked(JSON.parse(text)) <= deepest);
    }),
  );
});

test('a NUL is found wherever it stands, in keys too', () => {
  expect(nulIn({ kinds: documentKinds, n: 1, none: null })).toBeNull();
  expect(nulIn({ a: [{ note: 'x' }, { note: 'x\0y' }] })).toBe('a.1.note');
  expect(nulIn({ 'a\0': 1 })).toBe('a\0');
  expect(nulIn('\0')).toBe('');
});
