import { themes, tokensOf, type ThemeName } from './tokens';

/** Relative luminance and contrast as WCAG 2.1 defines them (1.4.3; W3C 2018). */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const c = parseInt(colour.slice(at, at + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
function contrast(a: string, b: string): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light! + 0.05) / (dark! + 0.05);
}

test('the formula gives the known ends and middle', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
  expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
});

const names = Object.keys(themes) as ThemeName[];

test.each(names)('%s: all text stands out from all it is written on by 4.5 at least', (name) => {
  const t = themes[name];
  const grounds = { ground: t.ground, sheet: t.sheet, raised: t.raised, chosen: t.chosen };
  const texts = { ink: t.ink, soft: t.soft, stop: t.stop, watch: t.watch, note: t.note, ...t.said };
  for (const [on, ground] of Object.entries(grounds))
    for (const [as, text] of Object.entries(texts))
      expect([as, on, contrast(text, ground) >= 4.5]).toEqual([as, on, true]);
});

test.each(names)('%s: what is drawn in a voice stands out from a sheet by 3 at least', (name) => {
  const t = themes[name];
  for (const [voice, colour] of Object.entries(t.voice))
    expect([voice, contrast(colour, t.sheet) >= 3]).toEqual([voice, true]);
  expect(contrast(t.ink, t.sheet)).toBeGreaterThan(7);
});

test.each(names)('%s: every colour is a property of the page', (name) => {
  const css = tokensOf(name);
  expect(css).toContain(`color-scheme: ${name};`);
  const colours = Object.values(themes[name]).flatMap((v) =>
    typeof v === 'string' ? [v] : Object.values(v),
  );
  expect([...css.matchAll(/--[a-z-]+: ([^;]+);/g)].map((m) => m[1])).toEqual(colours);
});
