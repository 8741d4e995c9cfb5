import { useEffect, useRef, useState } from 'react';

/** The width of an element in CSS pixels, kept current. */
export function useWidth<T extends Element>(start: number) {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(start);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const watcher = new ResizeObserver(([entry]) => setWidth(entry!.contentRect.width));
    watcher.observe(element);
    return () => watcher.disconnect();
  }, []);
  return [ref, width] as const;
}
