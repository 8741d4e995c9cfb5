import { readdirSync, readFileSync } from 'node:fs';
import { rules } from '../review';
import { shelf } from './shelf';

const cites = new Set(shelf.map((s) => s.cite.replace(/^van den /, '')));

test('each source stands once, with what was found, in whom, and what rests on it', () => {
  expect(new Set(shelf.map((s) => s.id)).size).toBe(shelf.length);
  expect(cites.size).toBe(shelf.length);
  for (const s of shelf) {
    expect(s.rules.length + s.figures.length).toBeGreaterThan(0);
    for (const text of [s.found, s.inWhom, s.size, s.use]) expect(text).toMatch(/\.$/);
  }
});

test('rules that are said to rest on published work stand on the shelf, and the shelf knows its rules', () => {
  const ids = new Set(rules.map((r) => r.id));
  const resting = new Set(shelf.flatMap((s) => s.rules));
  expect([...resting].filter((id) => !ids.has(id))).toEqual([]);
  expect(rules.filter((r) => r.ground === 'published' && !resting.has(r.id)).map((r) => r.id)).toEqual([]);
});

test('whoever is named in a rule or on its page stands on the shelf', () => {
  const named = ['../review/rules/', '../review/pages/'].flatMap((folder) =>
    readdirSync(new URL(folder, import.meta.url)).flatMap((file) => {
      const text = readFileSync(new URL(folder + file, import.meta.url), 'utf8');
      return [...text.matchAll(/[A-ZÀ-Ý][\p{L}-]+ (?:et al\.|& [A-Z]\p{L}+) \d{4}/gu)].map((m) => m[0]);
    }),
  );
  expect(named.length).toBeGreaterThan(10);
  expect(named.filter((cite) => !cites.has(cite))).toEqual([]);
});
