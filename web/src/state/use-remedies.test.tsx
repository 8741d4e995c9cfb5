import { appraise, appraiseAtOnce } from '@drimbo/core';
import { applyEdit, type Session } from '@drimbo/core/session';
import { line, sampleContext, session } from '@drimbo/core/examples';
import { renderHook, waitFor } from '@testing-library/react';
import { useMemo } from 'react';
import { useRemedies } from './use-remedies';

const twice = session([line('barbell-bench-press'), line('dumbbell-bench-press')]);

const onTheTable = () =>
  renderHook(
    ({ s }: { s: Session }) => {
      const atOnce = useMemo(() => appraiseAtOnce(s, sampleContext), [s]);
      return useRemedies(s, sampleContext, atOnce);
    },
    { initialProps: { s: twice } },
  );

test('findings are there at once and their remedies after them, the same that are looked for at one go', async () => {
  const { result } = onTheTable();
  const whole = appraise(twice, sampleContext).findings;
  expect(result.current.findings.map((f) => f.key)).toEqual(whole.map((f) => f.key));
  expect(result.current.findings.flatMap((f) => f.fixes)).toEqual([]);
  await waitFor(() => expect(result.current.findings).toEqual(whole), { timeout: 10_000 });
});

test('remedies of a session that is no longer there are never shown', async () => {
  const { result, rerender } = onTheTable();
  await waitFor(() => expect(result.current.findings.some((f) => f.fixes.length > 0)).toBe(true), {
    timeout: 10_000,
  });
  const other = applyEdit(twice, { do: 'line', line: 'dumbbell-bench-press', patch: { restS: 95 } });
  rerender({ s: other });
  expect(result.current.findings.flatMap((f) => f.fixes)).toEqual([]);
  const whole = appraise(other, sampleContext).findings;
  await waitFor(() => expect(result.current.findings).toEqual(whole), { timeout: 10_000 });
});
