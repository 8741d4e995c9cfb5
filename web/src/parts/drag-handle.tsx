import type { DraggableAttributes, DraggableSyntheticListeners } from '@dnd-kit/core';
import { GripVertical } from 'lucide-react';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

const Handle = styled.button`
  border: none;
  background: none;
  padding: 4px 0;
  min-height: 24px;
  cursor: grab;
  color: ${ink.soft};
  opacity: 0.75;
  touch-action: none;
`;

/**
 * What a row is taken hold of by; Space takes it too, then arrows move it.
 *
 * @example <DragHandle label="Move dumbbell fly" attributes={attributes} listeners={listeners} />
 */
export const DragHandle = ({
  label,
  attributes,
  listeners,
}: {
  label: string;
  attributes: DraggableAttributes;
  listeners: DraggableSyntheticListeners;
}): ReactNode => (
  <Handle type="button" {...attributes} {...listeners} aria-label={label} data-drag-handle>
    <GripVertical size={14} aria-hidden />
  </Handle>
);
