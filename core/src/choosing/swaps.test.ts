import { appraiseAtOnce } from '../appraise';
import { layOut, measure } from '../measure';
import { emptyNotebook, findEntry } from '../movements';
import { applyEdit, sessionSchema } from '../session';
import { line, sampleClient, sampleContext, sampleKit, session, soundPush } from '../examples';
import { candidatesFor } from './candidates';
import { cautionFor } from './limits';
import { overlap, sameRegions } from './overlap';
import { differentJob } from './complements';
import { changeBy, jobOfEntry, sameJob } from './swaps';

const pushed = measure(soundPush, sampleContext);
const lineOf = (id: string) => pushed.lines.find((m) => m.id === id)!;
const incline = lineOf('incline-dumbbell-press');
const anything = { other: null, kindTo: null };
const ids = (swaps: { entry: { id: string } }[]): string[] => swaps.map((s) => s.entry.id);

test('the same job as an incline dumbbell press is another incline press, on kit this gym has', () => {
  const swaps = sameJob(incline, sampleContext, anything);
  expect(swaps[0]!.entry.id).toBe('incline-barbell-press');
  for (const s of swaps) {
    expect(s.score).toBeGreaterThan(0);
    expect(s.score).toBeLessThanOrEqual(1);
    expect(sameRegions(incline.credits, jobOfEntry(s.entry).credits)).toBeGreaterThan(0.6);
  }
  expect(ids(swaps)).not.toContain('incline-press-machine');
  expect([...swaps].sort((a, b) => b.score - a.score)).toEqual(swaps);
});

test('the parts add up to the score', () => {
  for (const s of sameJob(incline, sampleContext, anything)) {
    const whole = s.parts.reduce((t, p) => t + p.weight, 0);
    expect(s.parts.reduce((t, p) => t + p.weight * p.value, 0) / whole).toBeCloseTo(s.score, 9);
    for (const p of s.parts) {
      expect(p.value).toBeGreaterThanOrEqual(0);
      expect(p.value).toBeLessThanOrEqual(1);
      expect(p.says).not.toBe('');
    }
  }
});

test('other kit is another implement, another angle is the same movement at another notch of this gym', () => {
  for (const s of sameJob(incline, sampleContext, { other: 'kit', kindTo: null }))
    expect(s.entry.movement.implement).not.toBe('dumbbells');
  const angles = sameJob(incline, sampleContext, { other: 'angle', kindTo: null });
  expect(angles.length).toBeGreaterThan(0);
  for (const s of angles) {
    expect(s.entry.movement.id).toBe('dumbbell-press');
    expect(s.entry.rig.benchDeg).not.toBe(30);
    expect(sampleKit.benches[0]!.notchesDeg).toContain(s.entry.rig.benchDeg);
  }
  expect(angles[0]!.entry.rig.benchDeg === 45 || angles[0]!.entry.rig.benchDeg === 15).toBe(true);
});

test('kinder to a limit carries no caution that the rig leaves open', () => {
  const sore = {
    ...sampleContext,
    client: { ...sampleClient, limits: [{ limit: 'shoulder front' as const, note: '' }] },
  };
  const bench = measure(soundPush, sore).lines.find((m) => m.id === 'barbell-bench-press')!;
  const swaps = sameJob(bench, sore, { other: null, kindTo: 'shoulder front' });
  expect(swaps.length).toBeGreaterThan(1);
  for (const s of swaps) expect(cautionFor(s.entry.movement, s.entry.rig, 'shoulder front')).toBeNull();
});

test('what a swap announces is what it does', () => {
  for (const swap of sameJob(incline, sampleContext, anything, 4)) {
    const change = changeBy(swap, incline, soundPush, sampleContext, pushed);
    const after = applyEdit(soundPush, change.edit);
    expect(sessionSchema.safeParse(after).success).toBe(true);
    const laid = layOut(after, sampleContext);
    expect(laid.timeline.totalS - pushed.timeline.totalS).toBeCloseTo(change.minutes * 60, 6);
    expect(appraiseAtOnce(after, sampleContext).lines[0]!.name).toBe(change.after.name);
    expect(laid.byId.get(incline.id)!.entryId).toBe(swap.entry.id);
    for (const e of change.efforts) expect(e.to).not.toBe(e.from);
  }
});

test('a different job adds what the session lacks and overlaps with little', () => {
  const presses = session([line('barbell-bench-press'), line('incline-dumbbell-press')]);
  const s = measure(presses, sampleContext);
  const found = differentJob(s, overlap);
  expect(found.length).toBeGreaterThan(3);
  for (const c of found) expect(c.overlap).toBeLessThan(0.85);
  const regions = new Set(found.flatMap((c) => c.brings.map((b) => b.region)));
  expect(regions.has('triLong') || regions.has('deltSide') || regions.has('deltRear')).toBe(true);
  for (let i = 1; i < found.length; i++) expect(found[i]!.gain).toBeLessThanOrEqual(found[i - 1]!.gain);
});

test('what lags is offered sooner', () => {
  const presses = session([line('barbell-bench-press')]);
  const lagging = { ...sampleContext, client: { ...sampleClient, lagging: ['triLong' as const] } };
  const place = (context: typeof sampleContext): number =>
    differentJob(measure(presses, context), overlap, 60).findIndex((c) => c.brings[0]!.region === 'triLong');
  expect(place(lagging)).toBeGreaterThanOrEqual(0);
  expect(place(lagging)).toBeLessThanOrEqual(place(sampleContext));
});

test('two movements overlap with themselves wholly, with others less, the same both ways', () => {
  const jobs = ['barbell-bench-press', 'dumbbell-bench-press', 'cable-fly-high-to-low', 'pushdown'].map(
    (id) => jobOfEntry(findEntry(id)!),
  );
  for (const a of jobs) {
    expect(overlap(a, a)).toBeCloseTo(1, 9);
    for (const b of jobs) {
      expect(overlap(a, b)).toBeCloseTo(overlap(b, a), 9);
      expect(overlap(a, b)).toBeLessThanOrEqual(1 + 1e-9);
    }
  }
  expect(overlap(jobs[0]!, jobs[1]!)).toBeGreaterThan(0.8);
  expect(overlap(jobs[0]!, jobs[3]!)).toBeLessThan(0.4);
});

test('candidates are what this gym can do, every press at every notch, nothing that is put away', () => {
  const all = candidatesFor(sampleKit);
  expect(all.filter((e) => e.id === 'incline-dumbbell-press').map((e) => e.rig.benchDeg)).toEqual([
    15, 30, 45, 60,
  ]);
  expect(all.some((e) => e.movement.implement === 'machine')).toBe(false);
  const without = candidatesFor(sampleKit, { ...emptyNotebook, hidden: ['chest-dip'] });
  expect(all.some((e) => e.id === 'chest-dip')).toBe(true);
  expect(without.some((e) => e.id === 'chest-dip')).toBe(false);
  expect(all.some((e) => e.id === 'behind-neck-press')).toBe(false);
});
