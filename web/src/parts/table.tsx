import {
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type SortingState,
} from '@tanstack/react-table';
import { useVirtualizer } from '@tanstack/react-virtual';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useEffect, useMemo, useRef, type KeyboardEvent, type ReactNode } from 'react';
import { Button } from 'react-aria-components';
import { TableFrame } from './table-look';

export interface Column<T> {
  id: string;
  name: string;
  isNameUnseen?: boolean;
  /** As a grid column: `1.2fr`, `90px`. */
  width: string;
  cell: (row: T) => ReactNode;
  /** What rows are sorted by here; `true` where whoever gives the rows sorts them. */
  sortBy?: true | ((row: T) => string | number);
  /** Left out on a phone. */
  isForLarge?: boolean;
}

/** A column to sort by and the way round. */
export interface Sort {
  by: string;
  isDown: boolean;
}

/** Goes to the first row of the table on the page. */
export const focusFirstRow = (): void =>
  document.querySelector<HTMLElement>('[role="table"] [data-index="0"] a')?.focus();

interface TableProps<T> {
  label: string;
  columns: readonly Column<T>[];
  rows: readonly T[];
  /** How many rows there are in all, where more come when the end is reached. */
  total?: number;
  idOf: (row: T) => string;
  sort?: Sort | null;
  onSort?: (sort: Sort) => void;
  /** Called when the end of what is there comes into sight. */
  onEnd?: () => void;
  /** Height of a row before it is measured. */
  rowPx?: number;
  /** What stands over and under the table on its page, taken off the height of the window. */
  besidePx?: number;
}

const ariaSort = (column: string, sort: Sort | null): 'ascending' | 'descending' | undefined =>
  sort?.by === column ? (sort.isDown ? 'descending' : 'ascending') : undefined;

/**
 * Rows of one kind under named columns, however many: only those in sight are drawn. Up and down walk the first link
 * of each row, Home and End go to the ends; the head of a column that sorts is a button.
 *
 * @example <Table label="Clients" columns={[{ id: 'name', name: 'Client', width: '1fr', cell: (c) => c.name }]} rows={clients} idOf={(c) => c.id} />
 */
export function Table<T>({
  label,
  columns,
  rows,
  total = rows.length,
  idOf,
  sort = null,
  onSort,
  onEnd,
  rowPx = 54,
  besidePx = 170,
}: TableProps<T>): ReactNode {
  const defs = useMemo(
    () =>
      columns.map((c): ColumnDef<T> => ({
        id: c.id,
        header: c.name,
        enableSorting: c.sortBy !== undefined,
        ...(typeof c.sortBy === 'function' ? { accessorFn: c.sortBy } : { accessorFn: () => 0 }),
      })),
    [columns],
  );
  const sorting = useMemo<SortingState>(() => {
    const column = columns.find((c) => c.id === sort?.by);
    return typeof column?.sortBy === 'function' ? [{ id: column.id, desc: sort!.isDown }] : [];
  }, [columns, sort]);
  // The table's functions are made anew each time; nothing here is remembered across renders.
  // oxlint-disable-next-line react/incompatible-library
  const table = useReactTable<T>({
    data: rows as T[],
    columns: defs,
    state: { sorting },
    getRowId: idOf,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  const sorted = table.getRowModel().rows;
  const scroll = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: sorted.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => rowPx,
    overscan: 8,
    getItemKey: (i) => sorted[i]!.id,
  });
  const items = virtual.getVirtualItems();
  const isAtEnd = (items.at(-1)?.index ?? -1) >= sorted.length - 1 && sorted.length < total;
  useEffect(() => {
    if (isAtEnd) onEnd?.();
  }, [isAtEnd, sorted.length, onEnd]);

  // A row far off is drawn only after the list has scrolled there; then it takes the focus.
  const wanted = useRef<number | null>(null);
  const focusWanted = (): void => {
    const link = scroll.current?.querySelector<HTMLElement>(`[data-index="${wanted.current}"] a`);
    if (!link) return;
    wanted.current = null;
    link.focus();
  };
  useEffect(focusWanted);
  const walk = (e: KeyboardEvent): void => {
    const row = (e.target as HTMLElement).closest<HTMLElement>('[data-index]');
    if (!row || (e.target as HTMLElement).tagName !== 'A') return;
    const from = Number(row.dataset['index']);
    const to = { ArrowDown: from + 1, ArrowUp: from - 1, Home: 0, End: sorted.length - 1 }[e.key];
    if (to === undefined) return;
    e.preventDefault();
    wanted.current = Math.max(0, Math.min(sorted.length - 1, to));
    virtual.scrollToIndex(wanted.current);
    focusWanted();
  };
  return (
    // The keys are those of the links inside.

    <TableFrame
      ref={scroll}
      role="table"
      aria-label={label}
      aria-rowcount={total + 1}
      $columns={columns.map((c) => c.width).join(' ')}
      $besidePx={besidePx}
      onKeyDown={walk}
    >
      <div role="rowgroup" className="heads">
        <div role="row">
          {columns.map((c) => (
            <span key={c.id} role="columnheader" aria-sort={ariaSort(c.id, sort)} data-large={c.isForLarge}>
              {c.sortBy && onSort ? (
                <Button
                  onPress={() => onSort({ by: c.id, isDown: sort?.by === c.id ? !sort.isDown : false })}
                >
                  {c.name}
                  {sort?.by === c.id &&
                    (sort.isDown ? <ArrowDown size={11} aria-hidden /> : <ArrowUp size={11} aria-hidden />)}
                </Button>
              ) : c.isNameUnseen ? (
                <span className="unseen">{c.name}</span>
              ) : (
                c.name
              )}
            </span>
          ))}
        </div>
      </div>
      <div role="rowgroup" style={{ position: 'relative', height: virtual.getTotalSize() }}>
        {items.map((item) => (
          <div
            key={item.key}
            role="row"
            ref={virtual.measureElement}
            data-index={item.index}
            aria-rowindex={item.index + 2}
            style={{ position: 'absolute', left: 0, right: 0, transform: `translateY(${item.start}px)` }}
          >
            {columns.map((c) => (
              <span key={c.id} role="cell" data-large={c.isForLarge}>
                {c.cell(sorted[item.index]!.original)}
              </span>
            ))}
          </div>
        ))}
      </div>
    </TableFrame>
  );
}
