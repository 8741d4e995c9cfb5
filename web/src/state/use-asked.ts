import { useCallback, useMemo } from 'react';
import { useSearchParams } from 'react-router';

/** What a page is asked for, kept in the address: words by name, and `sort` as `name` or `-name`; an empty word is taken off. */
export function useAsked() {
  const [asked, setAsked] = useSearchParams();
  const ask = useCallback(
    (patch: Record<string, string | null>): void =>
      setAsked(
        (old) => {
          const next = new URLSearchParams(old);
          for (const [key, value] of Object.entries(patch))
            if (value === null || value === '') next.delete(key);
            else next.set(key, value);
          return next;
        },
        { replace: true },
      ),
    [setAsked],
  );
  const order = asked.get('sort');
  const sort = useMemo(
    () => (order ? { by: order.replace(/^-/, ''), isDown: order.startsWith('-') } : null),
    [order],
  );
  const sortBy = useCallback(
    (to: { by: string; isDown: boolean }): void => ask({ sort: (to.isDown ? '-' : '') + to.by }),
    [ask],
  );
  return { asked, ask, sort, sortBy };
}
