import { appraise, type Context } from '@drimbo/core';
import { applyEdit, linesOf, type Session } from '@drimbo/core/session';
import { changesOf, historyOf, sessionKind } from '@drimbo/core/documents';
import { sampleContext } from '@drimbo/core/examples';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { useLayoutEffect, useMemo, useState, type ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { signsOf } from '@drimbo/core/review';
import type { Designer } from '../state/use-designer';

const ofSession = historyOf(changesOf(sessionKind));

/** A designer without a server: edits, undo and appraisal are the real ones. */
function useBench(start: Session, context: Context = sampleContext): Designer {
  const [history, setHistory] = useState(() => ofSession.start(start));
  const [selected, select] = useState<string | null>(() => linesOf(start)[0]?.id ?? null);
  const [asked, ask] = useState<string | null | undefined>(undefined);
  const session = history.present;
  const appraisal = useMemo(() => appraise(session, context), [session, context]);
  return {
    session,
    appraisal,
    context,
    signs: signsOf(appraisal.findings),
    selected,
    select,
    asked,
    ask,
    edit: (edit, says, key) => setHistory((h) => ofSession.commit(h, applyEdit(h.present, edit), says, key)),
    undo: () => setHistory(ofSession.undo),
    redo: () => setHistory(ofSession.redo),
    canUndo: null,
    canRedo: null,
    stepsBack: 0,
    refused: history.refused,
    save: { is: 'saved' },
    through: async (write, says) => {
      const { document } = await write();
      setHistory((h) => ofSession.commit(h, document, says));
    },
    conflict: null,
  };
}

/** Renders part of the product in a router, at an address, and a query client with what it would have fetched. */
export function show(part: ReactNode, fetched: Record<string, unknown> = {}, at = '/') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false, staleTime: Infinity } } });
  for (const [key, data] of Object.entries(fetched)) client.setQueryData([key], data);
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[at]}>{part}</MemoryRouter>
    </QueryClientProvider>,
  );
}

/** Renders a part of the designer on a session, and hands out what has become of the session. */
export function onBench(
  session: Session,
  part: (designer: Designer) => ReactNode,
  { context, fetched }: { context?: Context; fetched?: Record<string, unknown> } = {},
): { designer: () => Designer } {
  const held: { designer?: Designer } = {};
  function Bench(): ReactNode {
    const designer = useBench(session, context);
    useLayoutEffect(() => {
      held.designer = designer;
    });
    return part(designer);
  }
  show(<Bench />, fetched);
  return { designer: () => held.designer! };
}
