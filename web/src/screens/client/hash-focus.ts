import { useEffect } from 'react';
import { useLocation } from 'react-router';

/** Goes to the part of the page that the address names, and to the first thing in it that can be done. */
export function useHashFocus(): void {
  const { hash, key } = useLocation();
  useEffect(() => {
    const part = hash === '' ? null : document.getElementById(hash.slice(1));
    if (!part) return;
    part.scrollIntoView({ block: 'center' });
    const first = part.matches('button') ? part : part.querySelector<HTMLElement>('input, button');
    (first as HTMLElement | null)?.focus();
  }, [hash, key]);
}
