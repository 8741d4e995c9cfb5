import { useEffect, useState } from 'react';

/** How long a search may have the machine before the screen gets its turn, milliseconds. */
const SLICE_MS = 12;

/** A search of the core run in slices beside the screen; undefined until it is through, null where it found nothing. */
export function useSearch<T>(begin: () => Generator<void, T>): T | undefined {
  const [found, setFound] = useState<{ by: () => Generator<void, T>; is: T } | null>(null);
  useEffect(() => {
    const search = begin();
    let timer: ReturnType<typeof setTimeout>;
    const slice = (): void => {
      const until = performance.now() + SLICE_MS;
      for (;;) {
        const step = search.next();
        if (step.done) {
          setFound({ by: begin, is: step.value });
          return;
        }
        if (performance.now() >= until) break;
      }
      timer = setTimeout(slice);
    };
    timer = setTimeout(slice);
    return () => clearTimeout(timer);
  }, [begin]);
  return found?.by === begin ? found.is : undefined;
}
