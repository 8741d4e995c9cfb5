import {
  DndContext,
  KeyboardSensor,
  pointerWithin,
  PointerSensor,
  rectIntersection,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type KeyboardCoordinateGetter,
} from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../look/theme';
import { HOW_TO_CARRY } from './drag-handle';

/** What a place needs to take something in. */
export interface TakingPlace {
  keep: (element: HTMLElement | null) => void;
  isOver: boolean;
}

/** Arrows go to the next place in their direction, whatever its size. */
const byArrows: KeyboardCoordinateGetter = (event, { context, currentCoordinates }) => {
  const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.code];
  if (!by || !context.collisionRect) return undefined;
  event.preventDefault();
  const here = context.collisionRect;
  const middle = { x: here.left + here.width / 2, y: here.top + here.height / 2 };
  const ahead = [...context.droppableRects.values()]
    .map((rect) => ({
      rect,
      dx: rect.left + rect.width / 2 - middle.x,
      dy: rect.top + rect.height / 2 - middle.y,
    }))
    .filter(({ dx, dy }) => (by[0] === 0 ? dy * by[1]! > 4 : dx * by[0]! > 4))
    .map(({ rect, dx, dy }) => ({
      rect,
      far: by[0] === 0 ? Math.abs(dy) + 4 * Math.abs(dx) : Math.abs(dx) + 4 * Math.abs(dy),
    }))
    .sort((a, b) => a.far - b.far)[0];
  if (!ahead) return undefined;
  return {
    x: currentCoordinates.x + ahead.rect.left + ahead.rect.width / 2 - middle.x,
    y: currentCoordinates.y + ahead.rect.top + ahead.rect.height / 2 - middle.y,
  };
};

const under: CollisionDetection = (args) => {
  const found = pointerWithin(args);
  return found.length > 0 ? found : rectIntersection(args);
};

/** A place that things are put on. */
export function Place({
  id,
  children,
}: {
  id: string;
  children: (place: TakingPlace) => ReactNode;
}): ReactNode {
  const { setNodeRef, isOver } = useDroppable({ id });
  return children({ keep: setNodeRef, isOver });
}

const Held = styled.button`
  display: block;
  width: 100%;
  min-width: 0;
  min-height: 24px;
  margin: 0;
  padding: 2px 4px;
  border: 1px solid transparent;
  border-radius: 3px;
  background: none;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  touch-action: manipulation;
  &[data-carried] {
    position: relative;
    z-index: 3;
    background: ${ink.raised};
    border-color: ${ink.ink};
    cursor: grabbing;
  }
  &[aria-pressed='true'] {
    background: ${ink.chosen};
  }
`;

/** A thing that is picked by a press and carried from place to place. */
export function Thing({
  id,
  label,
  isFixed = false,
  isChosen,
  onPress,
  className,
  children,
}: {
  id: string;
  label: string;
  /** Stays where it is. */
  isFixed?: boolean;
  isChosen: boolean;
  onPress: () => void;
  className?: string;
  children: ReactNode;
}): ReactNode {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id,
    disabled: isFixed,
  });
  return (
    <Held
      type="button"
      ref={setNodeRef}
      {...(isFixed ? {} : { ...listeners, 'aria-describedby': attributes['aria-describedby'] })}
      aria-label={label}
      aria-pressed={isChosen}
      data-carried={isDragging || undefined}
      style={transform ? { transform: `translate3d(${transform.x}px, ${transform.y}px, 0)` } : {}}
      onClick={onPress}
      className={className}
    >
      {children}
    </Held>
  );
}

/**
 * Things on places, put elsewhere by dragging, or by Space on a thing and arrows.
 *
 * @example <Places onPut={(thing, place) => move(thing, place)}>…</Places>
 */
export function Places({
  onPut,
  says,
  children,
}: {
  onPut: (thing: string, place: string) => void;
  /** What a thing or a place is called, for those who hear it. */
  says: (id: string) => string;
  children: ReactNode;
}): ReactNode {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: byArrows,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space'] },
    }),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={under}
      accessibility={{
        screenReaderInstructions: { draggable: HOW_TO_CARRY },
        announcements: {
          onDragStart: ({ active }) => `${says(String(active.id))} taken.`,
          onDragOver: ({ over }) => (over ? `Over ${says(String(over.id))}.` : undefined),
          onDragEnd: ({ active, over }) =>
            over ? `${says(String(active.id))} put on ${says(String(over.id))}.` : 'Put back.',
          onDragCancel: () => 'Put back.',
        },
      }}
      onDragEnd={({ active, over }) => {
        if (over) onPut(String(active.id), String(over.id));
      }}
    >
      {children}
    </DndContext>
  );
}
