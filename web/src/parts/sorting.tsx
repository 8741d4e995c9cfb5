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
import type { ReactNode } from 'react';
import { ink } from '../look/theme';
import { DragHandle, HOW_TO_CARRY } from './drag-handle';
import type { SortableProps } from './sortable-model';

function Item({ id, says, children }: Pick<SortableProps, 'says' | 'children'> & { id: string }): ReactNode {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({ id });
  return children(id, {
    keep: setNodeRef,
    style: {
      ...(transform ? { transform: `translate3d(0, ${transform.y}px, 0)` } : {}),
      ...(transition ? { transition } : {}),
      ...(isDragging ? { background: ink.hush, zIndex: 2 } : {}),
    },
    handle: <DragHandle label={`Move ${says(id)}`} {...attributes} {...listeners} />,
  });
}

/** The same list as `Sortable` draws, with its elements free to be carried. */
export function Sorting({ label, ids, says, onMove, children }: SortableProps): ReactNode {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ screenReaderInstructions: { draggable: HOW_TO_CARRY } }}
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
