import type { ClientFile } from '@drimbo/core/contract';
import { inOrder } from '@drimbo/core/session';
import type { Variation } from '@drimbo/core/sticking';
import { useQueries } from '@tanstack/react-query';
import { useEffect, useRef, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { addToSession } from '../../data/add-line';
import { documentOf } from '../../data/documents';

import { Button } from '../../parts/button';
import { tell } from '../../parts/toast';
import { isTyping } from '../designer/keys';

/** The movement they help, after which they stand. */
const BENCH = 'barbell-press';

/** So many sessions are looked into. */
const MOST = 8;

/** The client's next session that has a movement; the next of all where none has it, nothing before that is known. */
function useNextWith(file: ClientFile, movement: string): { id: string; title: string } | null {
  const open = inOrder(file.sessions)
    .filter((s) => s.status !== 'finished')
    .slice(0, MOST);
  const sessions = useQueries({
    queries: open.map(({ id }) => ({
      queryKey: ['session looked into', id],
      queryFn: () => documentOf('session', id),
    })),
  });
  if (sessions.some((s) => s.isPending)) return null;
  const has = sessions.findIndex((s) =>
    s.data?.document.blocks.some((b) => b.lines.some((l) => l.movement === movement)),
  );
  return open[Math.max(0, has)] ?? null;
}

/** What is written on the button that puts the i-th way into the next session: with its key, while there are any. */
const putWords = (i: number): string => `Into the next session${i < 9 ? ` ${i + 1}` : ''}`;

/** Variations, the most helpful first; a press or its figure puts one into the client's next session and opens that. */
export function Ways({ file, ways }: { file: ClientFile; ways: readonly Variation[] }): ReactNode {
  const go = useNavigate();
  const next = useNextWith(file, BENCH);
  const open = ({ entry }: Variation): void => {
    if (!next) return;
    addToSession(next.id, entry, entry.rig, BENCH).then(
      () => void go(`/sessions/${next.id}`),
      (error: Error) => tell(`Not added: ${error.message}`),
    );
  };
  const openNow = useRef(open);
  useEffect(() => {
    openNow.current = open;
  });
  useEffect(() => {
    const keys = (e: KeyboardEvent): void => {
      const way = /^[1-9]$/.test(e.key) ? ways[Number(e.key) - 1] : undefined;
      if (!way || e.ctrlKey || e.metaKey || e.altKey || isTyping(e.target)) return;
      e.preventDefault();
      openNow.current(way);
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [ways]);
  return (
    <>
      <ol aria-label="What may help">
        {ways.map((v, i) => (
          <li key={v.says}>
            <Link to={`/movements/${v.entry.id}?client=${file.id}`}>{v.says}</Link>: {v.why}.{' '}
            <span className="soft">{v.parts.join(', ')}</span>
            {next && (
              <div>
                <Button small aria-label={`${putWords(i)}, ${next.title}: ${v.says}`} onPress={() => open(v)}>
                  {putWords(i)}
                </Button>
              </div>
            )}
          </li>
        ))}
      </ol>
      {next && ways.length > 0 && (
        <p className="soft">
          A press, or its figure as a key, puts it after the bench of “{next.title}” and opens that.
        </p>
      )}
    </>
  );
}
