import { jest } from '@jest/globals';
import { appraise, type Context } from '@drimbo/core';
import { linesOf, type Session } from '@drimbo/core/session';
import { anyContext, anySession } from '@drimbo/core/testing';
import { act, cleanup } from '@testing-library/react';
import fc from 'fast-check';
import { StrictMode, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { Fan } from '../../drawings/fan';
import { Score } from '../../drawings/score';
import { onBench } from '../../testing/desk';
import { CuesTab } from './cues-tab';
import { LineUp } from './line-up';
import { LoadTab } from './load-tab';
import { ReviewPane } from './review-pane';
import { SetUpTab } from './set-up-tab';
import { WorkTab } from './work-tab';
import { WarmUp } from './warm-up';

const nothing = (): void => undefined;

/** Everything the designer shows of a session, at once. */
function Everything({ designer }: { designer: Designer }): ReactNode {
  const { appraisal } = designer;
  return (
    <StrictMode>
      <Score appraisal={appraisal} selected={null} onPick={nothing} onMove={nothing} />
      <LineUp designer={designer} onSign={nothing} />
      <Fan dose={appraisal.dose} />
      <ReviewPane designer={designer} />
      <WarmUp designer={designer} />
      {appraisal.lines.map((m) => (
        <section key={m.id}>
          <LoadTab line={m} designer={designer} />
          <CuesTab line={m} designer={designer} />
        </section>
      ))}
      {appraisal.lines.slice(0, 1).map((m) => (
        <section key={m.id}>
          <SetUpTab line={m} designer={designer} heightPx={240} />
          <WorkTab line={m} designer={designer} />
        </section>
      ))}
    </StrictMode>
  );
}

/** What the pages say: text, and what is said of drawings and in cells. */
function said(): string {
  const told = [...document.querySelectorAll('*')].flatMap((e) =>
    ['aria-label', 'title', 'value', 'd', 'points', 'x', 'y', 'width', 'height', 'transform', 'style'].map(
      (a) => (a === 'value' ? ((e as HTMLInputElement).value ?? '') : (e.getAttribute(a) ?? '')),
    ),
  );
  return [document.body.textContent ?? '', ...told].join('\n');
}

const show = (s: Session, context: Context): void => {
  onBench(s, (designer) => <Everything designer={designer} />, {
    context,
    fetched: { notebook: { revision: 1, document: context.notebook } },
  });
};

test('whatever session for whomever, every pane of the designer shows it in whole words and figures', () => {
  const errors = jest.spyOn(console, 'error');
  fc.assert(
    fc
      .property(anySession, anyContext, (s, context) => {
        act(() => show(s, context));
        const text = said();
        expect(text.match(/.{0,40}(NaN|undefined|\[object|Infinity).{0,40}/)?.[0]).toBe(undefined);
        for (const l of appraise(s, context).lines) expect(text).toContain(l.name);
        expect(linesOf(s).length).toBe(document.querySelectorAll('[data-line]').length);
        expect(errors).not.toHaveBeenCalled();
      })
      .afterEach(cleanup),
    { numRuns: 12, endOnFailure: true },
  );
});
