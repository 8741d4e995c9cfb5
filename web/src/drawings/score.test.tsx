import { appraise } from '@drimbo/core';
import { type Finding, signsOf } from '@drimbo/core/review';
import { applyEdit } from '@drimbo/core/session';
import { sampleContext, soundPush } from '@drimbo/core/examples';
import { fireEvent, render, screen } from '@testing-library/react';
import { Fan } from './fan';
import { Score } from './score';

const start = (s = soundPush) => {
  const appraisal = appraise(s, sampleContext);
  const picked: [string, number | null][] = [];
  const moved: [string, number][] = [];
  render(
    <Score
      appraisal={appraisal}
      selected="barbell-bench-press"
      onPick={(id, set) => picked.push([id, set])}
      onMove={(line, to) => moved.push([line, to])}
    />,
  );
  const bars = (title: RegExp): SVGRectElement[] =>
    [...document.querySelectorAll<SVGRectElement>('rect.bar')].filter((b) =>
      title.test(b.querySelector('title')!.textContent!),
    );
  return { appraisal, picked, moved, bars };
};
const number = (e: Element, name: string): number => Number(e.getAttribute(name));

test('says in words how long it is and what comes when', () => {
  const { appraisal } = start();
  const says = screen.getByRole('img').getAttribute('aria-label')!;
  expect(says).toContain(`${Math.round(appraisal.totals.minutes)} minutes of 100`);
  for (const m of appraisal.lines) expect(says).toContain(`${m.name} from minute`);
});

test('a bar for each set in the lane of what it trains, higher the nearer to failure', () => {
  const { bars } = start();
  // Bench press trains all three lanes; its three sets leave 3, 2.5 and 2.
  const sets = [1, 2, 3].map((n) => bars(new RegExp(`^Set ${n}, Barbell bench press`)));
  expect(sets.map((s) => s.length)).toEqual([3, 3, 3]);
  const heights = sets.map((s) => number(s[0]!, 'height'));
  expect(heights).toEqual([...heights].sort((a, b) => a - b));
  const lefts = sets.map((s) => number(s[0]!, 'x'));
  expect(lefts).toEqual([...lefts].sort((a, b) => a - b));
});

test('ramp sets are hollow and picked as a movement, sets as themselves', () => {
  const { appraisal, bars, picked } = start();
  const ramps = bars(/^Ramp/);
  expect(ramps.length).toBeGreaterThan(0);
  const first = appraisal.lines.find((m) => m.ramps.length > 0)!.id;
  fireEvent.click(ramps[0]!);
  fireEvent.click(bars(/^Set 2, Barbell bench press/)[0]!);
  expect(picked).toEqual([
    [first, null],
    ['barbell-bench-press', 1],
  ]);
  expect(ramps[0]!.getAttribute('fill')).not.toBe(ramps[0]!.getAttribute('stroke'));
});

test('the client’s minutes are a line with what is left or over', () => {
  start();
  expect(screen.getByText(/^100 min, \d+ free$/)).toBeTruthy();
});

test('a session that runs over says by how much', () => {
  const { appraisal } = start(applyEdit(soundPush, { do: 'head', patch: { minutes: 30 } }));
  expect(screen.getByText(`30 min, ${Math.round(appraisal.totals.overMinutes)} over`)).toBeTruthy();
});

test('the fan tells every region’s sets, its band and what the next set is worth', () => {
  const { dose } = appraise(soundPush, sampleContext);
  render(<Fan dose={dose} />);
  const says = document.querySelector('[aria-label^="Dose."]')!.getAttribute('aria-label')!;
  expect(says).toMatch(/upper chest/i);
  const shown = document.body.textContent!;
  for (const id of ['pecUpper', 'deltSide', 'triLong'] as const) {
    const { fractional, unknown } = dose.regions[id];
    expect(shown).toContain(`${(fractional - unknown).toFixed(1)} + ${unknown.toFixed(1)}?`);
  }
});

test('a set that a finding is about carries its sign, its strip the loudest of its line; pressed it is asked for', () => {
  const appraisal = appraise(soundPush, sampleContext);
  const [first] = appraisal.lines;
  const asked: string[] = [];
  const finding = (key: string, severity: Finding['severity'], sets: number[]): Finding => ({
    key,
    rule: key,
    severity,
    ground: 'mechanics',
    on: [first!.id],
    at: sets.length > 0 ? 'load' : 'rest',
    sets,
    what: `${key}.`,
    why: '',
    fixes: [],
    dismissed: null,
    asideFor: null,
  });
  render(
    <Score
      appraisal={appraisal}
      signs={signsOf([finding('loud', 'watch', []), finding('set two', 'note', [1])])}
      selected={null}
      onPick={() => {}}
      onMove={() => {}}
      onSign={(key) => asked.push(key)}
    />,
  );
  const signs = [...document.querySelectorAll('[data-sign]')];
  expect(signs.map((sign) => sign.getAttribute('data-sign'))).toEqual(['set two', 'loud']);
  const [bar] = [...document.querySelectorAll<SVGRectElement>('rect.bar')].filter((b) =>
    b.querySelector('title')!.textContent!.startsWith(`Set 2, ${first!.name}`),
  );
  expect(number(signs[0]!, 'x')).toBeCloseTo(number(bar!, 'x') + number(bar!, 'width') / 2, 6);
  for (const sign of signs) fireEvent.click(sign);
  expect(asked).toEqual(['set two', 'loud']);
});
