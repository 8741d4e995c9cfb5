import { appraise, appraiseAtOnce } from '../appraise';
import { applyEdit, type Line } from '../session';
import { line, sampleContext, session } from '../examples';

const reps = (lo: number, hi = lo): Pick<Line, 'scheme'> => ({
  scheme: { kind: 'straight', sets: 3, reps: { lo, hi } },
});
const found = (...lines: Line[]) =>
  appraiseAtOnce(session(lines), sampleContext).findings.filter((f) => f.rule === 'redundant-presses');

test('flat presses in four rep ranges are one movement done four times', () => {
  const all = found(
    line('barbell-bench-press', reps(5)),
    line('guided-bar-bench-press', reps(8)),
    line('chest-press-machine', reps(12)),
    line('dumbbell-bench-press', reps(15)),
  );
  expect(all.map((f) => [f.severity, f.on.length])).toEqual([['watch', 4]]);
  expect(all[0]!.what).toBe(
    'Barbell bench press, guided-bar bench press, chest press machine and dumbbell bench press are one job done 4 times.',
  );
});

test.each([
  ['the same reps', reps(8), reps(8, 10), ['watch']],
  ['other reps', reps(5), reps(12), ['note']],
])('bench, then dumbbell bench with %s', (_, a, b, severities) => {
  const all = found(line('barbell-bench-press', a), line('dumbbell-bench-press', b));
  expect(all.map((f) => f.severity)).toEqual(severities);
});

test.each([
  ['two flies at one height', ['machine-fly', 'cable-fly-shoulder-height'], 1],
  ['two lateral raises', ['dumbbell-lateral-raise', 'seated-lateral-raise'], 1],
  ['two overhead presses with a bar', ['standing-barbell-press', 'seated-barbell-press'], 1],
  ['two extensions overhead', ['overhead-extension', 'cable-overhead-extension'], 1],
  ['a flat and an inclined press', ['barbell-bench-press', 'incline-dumbbell-press'], 0],
  ['flies high and low', ['cable-fly-high-to-low', 'cable-fly-low-to-high'], 0],
  ['extensions at two angles of the shoulder', ['pushdown', 'overhead-extension'], 0],
  ['push-ups after the bench', ['barbell-bench-press', 'push-up'], 0],
])('%s', (_, ids, n) => expect(found(...ids.map((id) => line(id)))).toHaveLength(n));

test('the swap it names does a job that nothing else in the session does', () => {
  const s = session([line('barbell-bench-press'), line('dumbbell-bench-press'), line('cable-lateral-raise')]);
  const { fixes } = appraise(s, sampleContext).findings.find((f) => f.rule === 'redundant-presses')!;
  expect(fixes.length).toBeGreaterThan(0);
  expect(fixes.some((f) => f.label.startsWith('Turn it into'))).toBe(true);
  for (const { edit } of fixes) {
    const after = appraiseAtOnce(applyEdit(s, edit), sampleContext);
    expect(after.findings.map((f) => f.rule)).not.toContain('redundant-presses');
  }
});
