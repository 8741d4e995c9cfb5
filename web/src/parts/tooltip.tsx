import { lazy, Suspense, useEffect, useId, useRef, useState, type ReactNode } from 'react';
import { ButtonContext } from 'react-aria-components';

const Open = lazy(() => import('./tooltip-open').then((m) => ({ default: m.OpenTooltip })));

/** A pointer that only passes gets no words, milliseconds. */
const AFTER_MS = 500;

/**
 * A few words about a button, shown when it is pointed at or has the focus. Never the only place something is told.
 *
 * @example <Tooltip says="Part the pair"><Button small>Part</Button></Tooltip>
 */
export function Tooltip({ says, children }: { says: string; children: ReactNode }): ReactNode {
  const triggerRef = useRef<HTMLButtonElement>(null);
  const id = useId();
  const [isHovered, setHovered] = useState(false);
  const [isFocused, setFocused] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const [isGone, setGone] = useState(false);
  const isOpen = isAsked && !isGone && (isHovered || isFocused);
  useEffect(() => {
    if (!isHovered) return;
    const timer = setTimeout(() => setAsked(true), AFTER_MS);
    return () => clearTimeout(timer);
  }, [isHovered]);
  const begin = (): void => setGone(false);
  return (
    <>
      <ButtonContext.Provider
        value={{
          ref: triggerRef,
          ...(isOpen ? { 'aria-describedby': id } : {}),
          onHoverChange: (is) => {
            begin();
            setHovered(is);
          },
          onFocus: (e) => {
            if (!e.target.matches(':focus-visible')) return;
            begin();
            setFocused(true);
            setAsked(true);
          },
          onBlur: () => setFocused(false),
          onPressStart: () => setGone(true),
          onKeyDown: (e) => {
            if (e.key === 'Escape' && isOpen) setGone(true);
            else e.continuePropagation();
          },
        }}
      >
        {children}
      </ButtonContext.Provider>
      <Suspense fallback={null}>
        {isAsked && (
          <Open id={id} triggerRef={triggerRef} isOpen={isOpen}>
            {says}
          </Open>
        )}
      </Suspense>
    </>
  );
}
