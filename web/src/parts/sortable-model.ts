import type { CSSProperties, ReactNode } from 'react';

/** What an element of a list needs to be moved: where it is kept, and how it looks on the way. */
export interface Held {
  keep: (element: HTMLLIElement | null) => void;
  style: CSSProperties;
  /** What it is taken hold of by. */
  handle: ReactNode;
}

export interface SortableProps {
  label: string;
  ids: readonly string[];
  /** What the element of an id is called. */
  says: (id: string) => string;
  /** An element was put where another stood. */
  onMove: (id: string, over: string) => void;
  children: (id: string, held: Held) => ReactNode;
}
