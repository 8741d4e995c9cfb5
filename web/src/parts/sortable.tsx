import { useId, useLayoutEffect, useRef, useState, type ComponentType, type ReactNode } from 'react';
import { DragHandle, HOW_TO_CARRY } from './drag-handle';
import type { SortableProps } from './sortable-model';

/** How a handle was taken hold of, to be told again to the list that can be sorted. */
type Hold = { at: number; event: PointerEvent | KeyboardEvent };

const again = ({ event }: Hold): Event =>
  event instanceof KeyboardEvent
    ? new KeyboardEvent('keydown', { ...keysOf(event), bubbles: true, cancelable: true })
    : new PointerEvent('pointerdown', { ...placeOf(event), bubbles: true, cancelable: true });
const keysOf = ({ key, code }: KeyboardEvent): KeyboardEventInit => ({ key, code });
const placeOf = ({ clientX, clientY, pointerId, pointerType }: PointerEvent): PointerEventInit => ({
  clientX,
  clientY,
  pointerId,
  pointerType,
  button: 0,
  isPrimary: true,
});

/**
 * A list whose elements are put in order by dragging, or by Space and arrows on the handle. What carries them is
 * fetched when a handle is first taken hold of: most who open a list only read it.
 *
 * @example <Sortable label="Line-up" ids={ids} says={nameOf} onMove={move}>{(id, held) => <li ref={held.keep}>{held.handle}</li>}</Sortable>
 */
export function Sortable(props: SortableProps): ReactNode {
  const { label, ids, says, children } = props;
  const [Sorting, setSorting] = useState<ComponentType<SortableProps> | null>(null);
  const frame = useRef<HTMLDivElement>(null);
  const hold = useRef<Hold | null>(null);
  const how = useId();

  const take = (at: number, event: PointerEvent | KeyboardEvent): void => {
    const isFirst = hold.current === null;
    hold.current = { at, event };
    if (event instanceof PointerEvent)
      window.addEventListener('pointerup', () => (hold.current = null), { once: true, capture: true });
    if (!isFirst) return;
    import('./sorting').then(
      (m) => setSorting(() => m.Sorting),
      () => (hold.current = null),
    );
  };
  useLayoutEffect(() => {
    const held = hold.current;
    if (!Sorting || !held) return;
    hold.current = null;
    const handle = frame.current?.querySelectorAll<HTMLElement>('[data-drag-handle]')[held.at];
    handle?.focus();
    handle?.dispatchEvent(again(held));
  }, [Sorting]);

  return (
    <div ref={frame}>
      {Sorting ? (
        <Sorting {...props} />
      ) : (
        <>
          <p id={how} hidden>
            {HOW_TO_CARRY}
          </p>
          <ol aria-label={label}>
            {ids.map((id, at) =>
              children(id, {
                keep: () => undefined,
                style: {},
                handle: (
                  <DragHandle
                    label={`Move ${says(id)}`}
                    aria-describedby={how}
                    onPointerEnter={() => void import('./sorting')}
                    onPointerDown={(e) => take(at, e.nativeEvent)}
                    onKeyDown={(e) => {
                      if (e.code !== 'Space' && e.code !== 'Enter') return;
                      e.preventDefault();
                      take(at, e.nativeEvent);
                    }}
                  />
                ),
              }),
            )}
          </ol>
        </>
      )}
    </div>
  );
}
