import type { ReactNode } from 'react';
import { GridList as Root, GridListItem } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Frame = styled(Root)<{ $leastPx: number }>`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(${(p) => p.$leastPx}px, 1fr));
  gap: 6px;
  outline: none;
  .react-aria-GridListItem {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.sheet};
    padding: 6px 8px;
    cursor: pointer;
    min-width: 0;
  }
  .react-aria-GridListItem[data-hovered] {
    border-color: ${ink.ink};
  }
  .react-aria-GridListItem[data-focus-visible] {
    outline: 2px solid ${ink.focus};
    outline-offset: 1px;
  }
  .empty {
    grid-column: 1 / -1;
    color: ${ink.soft};
    font-size: ${size.small};
    padding: 8px;
  }
`;

/**
 * Things laid out side by side, one of which is taken: by a press, or by arrows and Enter.
 *
 * @example <GridList label="Movements" items={entries} idOf={(e) => e.id} says={(e) => e.name} onTake={add}>{(e) => <b>{e.name}</b>}</GridList>
 */
export function GridList<T extends object>({
  label,
  items,
  idOf,
  says,
  onTake,
  leastPx = 150,
  empty,
  children,
}: {
  label: string;
  items: readonly T[];
  idOf: (item: T) => string;
  /** What an item is called. */
  says: (item: T) => string;
  onTake: (item: T) => void;
  /** The least width of one. */
  leastPx?: number;
  /** What is told where there is nothing. */
  empty: string;
  children: (item: T) => ReactNode;
}): ReactNode {
  return (
    <Frame
      aria-label={label}
      layout="grid"
      $leastPx={leastPx}
      onAction={(key) => {
        const item = items.find((i) => idOf(i) === key);
        if (item) onTake(item);
      }}
      renderEmptyState={() => <p className="empty">{empty}</p>}
    >
      {items.map((item) => (
        <GridListItem key={idOf(item)} id={idOf(item)} textValue={says(item)}>
          {children(item)}
        </GridListItem>
      ))}
    </Frame>
  );
}
