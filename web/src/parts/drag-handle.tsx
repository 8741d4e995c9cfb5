import { GripVertical } from 'lucide-react';
import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

/** Told to those who hear the page, of everything that is carried. */
export const HOW_TO_CARRY = 'Space takes it, arrows move it, Space puts it down, Escape leaves it.';

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
 * @example <DragHandle label="Move dumbbell fly" onPointerDown={take} onKeyDown={take} />
 */
export const DragHandle = ({
  label,
  ...taken
}: { label: string } & ButtonHTMLAttributes<HTMLButtonElement>): ReactNode => (
  <Handle type="button" {...taken} aria-label={label} data-drag-handle>
    <GripVertical size={14} aria-hidden />
  </Handle>
);
