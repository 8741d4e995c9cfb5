import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { CSSProperties, ReactNode } from 'react';
import { ink } from '../look/theme';
import { DragHandle } from './drag-handle';

/** What an element of a list needs to be moved: where it is kept, and how it looks on the way. */
export interface Held {
  keep: (element: HTMLLIElement | null) => void;
  style: CSSProperties;
  /** What it is taken hold of by. */
  handle: ReactNode;
}

interface SortableProps {
  label: string;
  ids: readonly string[];
  /** What the element of an id is called. */
  says: (id: string) => string;
  /** An element was put where another stood. */
  onMove: (id: string, over: string) => void;
  children: (id: string, held: Held) => ReactNode;
}

function Item({ id, says, children }: Pick<SortableProps, 'says' | 'children'> & { id: string }): ReactNode {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  return children(id, {
    keep: setNodeRef,
    style: {
      ...(transform ? { transform: `translate3d(0, ${transform.y}px, 0)` } : {}),
      ...(transition ? { transition } : {}),
      ...(isDragging ? { background: ink.hush, zIndex: 2 } : {}),
    },
    handle: <DragHandle label={`Move ${says(id)}`} attributes={attributes} listeners={listeners} />,
  });
}

/**
 * A list whose elements are put in order by dragging, or by Space and arrows on the handle.
 *
 * @example <Sortable label="Line-up" ids={ids} says={nameOf} onMove={move}>{(id, held) => <li ref={held.keep}>{held.handle}</li>}</Sortable>
 */
export function Sortable({ label, ids, says, onMove, children }: SortableProps): ReactNode {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={({ active, over }) => {
        if (over && active.id !== over.id) onMove(String(active.id), String(over.id));
      }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol aria-label={label}>
          {ids.map((id) => (
            <Item key={id} id={id} says={says}>
              {children}
            </Item>
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}
