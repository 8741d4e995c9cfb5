import { jest } from '@jest/globals';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { Finder } from './finder';
import { GridList } from './grid-list';
import { Table, type Column, type Sort } from './table';

interface Row {
  id: string;
  sets: number;
}
const rows = Array.from({ length: 400 }, (_, i): Row => ({
  id: `row ${String(i).padStart(3, '0')}`,
  sets: i % 7,
}));
const columns: Column<Row>[] = [
  {
    id: 'name',
    name: 'Name',
    width: '1fr',
    cell: (r) => <a href={`#${r.id}`}>{r.id}</a>,
    sortBy: (r) => r.id,
  },
  { id: 'sets', name: 'Sets', width: '1fr', cell: (r) => r.sets, sortBy: (r) => r.sets },
  { id: 'tools', name: 'Tools', isNameUnseen: true, width: '40px', cell: () => '' },
];

// jsdom lays nothing out: a window of 600 and rows of 30.
beforeAll(() => {
  const sized = (of: object, key: string, value: number) =>
    Object.defineProperty(of, key, { configurable: true, value });
  sized(Element.prototype, 'clientHeight', 600);
  sized(Element.prototype, 'clientWidth', 800);
  sized(HTMLElement.prototype, 'offsetHeight', 30);
});

function Sorted({ onEnd, total }: { onEnd?: () => void; total?: number }): ReactNode {
  const [sort, setSort] = useState<Sort | null>(null);
  return (
    <Table
      label="Rows"
      columns={columns}
      rows={rows}
      idOf={(r) => r.id}
      sort={sort}
      onSort={setSort}
      rowPx={30}
      {...(onEnd ? { onEnd } : {})}
      {...(total ? { total } : {})}
    />
  );
}
const shown = (): string[] => [...document.querySelectorAll('[role=row] a')].map((a) => a.textContent!);

test('of many rows only those in sight are drawn, and all are counted', () => {
  render(<Sorted />);
  expect(screen.getByRole('table', { name: 'Rows' }).getAttribute('aria-rowcount')).toBe('401');
  expect(shown().length).toBeLessThan(60);
  expect(shown()[0]).toBe('row 000');
});

test('a head sorts up, then down, and says so; a column that does not sort has no button', async () => {
  render(<Sorted />);
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: 'Sets' }));
  expect(shown().slice(0, 2)).toEqual(['row 000', 'row 007']);
  expect(screen.getByRole('columnheader', { name: 'Sets' }).getAttribute('aria-sort')).toBe('ascending');
  await user.click(screen.getByRole('button', { name: 'Sets' }));
  expect(shown()[0]).toBe('row 006');
  expect(screen.queryByRole('button', { name: 'Tools' })).toBeNull();
});

test('down, up and Home walk the links', async () => {
  render(<Sorted />);
  const user = userEvent.setup();
  screen.getAllByRole('link')[0]!.focus();
  await user.keyboard('{ArrowDown}{ArrowDown}{ArrowUp}');
  expect(document.activeElement!.textContent).toBe('row 001');
  await user.keyboard('{Home}');
  expect(document.activeElement!.textContent).toBe('row 000');
});

test('a finder marks the first, walks by arrow, takes with Enter, and hears of Escape', async () => {
  const onTake = jest.fn();
  const onEscape = jest.fn();
  function Held(): ReactNode {
    const [text, setText] = useState('');
    const found = ['fly', 'flat press', 'pushdown']
      .filter((n) => text !== '' && n.includes(text))
      .map((n) => ({ id: n, name: n, about: '' }));
    return (
      <Finder
        label="Find"
        listLabel="Found"
        placeholder=""
        text={text}
        onText={setText}
        found={found}
        onTake={(f) => onTake(f?.id ?? null)}
        onEscape={onEscape}
      />
    );
  }
  render(<Held />);
  const user = userEvent.setup();
  const box = screen.getByRole('combobox', { name: 'Find' });
  expect(box.getAttribute('aria-expanded')).toBe('false');
  await user.type(box, 'fl{Enter}{ArrowDown}{Enter}');
  await user.type(box, 'zz{Enter}{Escape}');
  expect(onTake.mock.calls.flat()).toEqual(['fly', 'flat press', null]);
  expect(onEscape).toHaveBeenCalledTimes(1);
});

test('in a grid one is taken by a press or with Enter; an empty one says so', async () => {
  const onTake = jest.fn();
  const grid = (items: Row[]): ReactNode => (
    <GridList
      label="Rows"
      items={items}
      idOf={(r) => r.id}
      says={(r) => r.id}
      onTake={(r) => onTake(r.id)}
      empty="Nothing here."
    >
      {(r) => r.id}
    </GridList>
  );
  const view = render(grid(rows.slice(0, 3)));
  const user = userEvent.setup();
  await user.click(screen.getByRole('row', { name: 'row 001' }));
  await user.keyboard('{Home}{Enter}');
  expect(onTake.mock.calls.flat()).toEqual(['row 001', 'row 000']);
  view.rerender(grid([]));
  expect(screen.getByText('Nothing here.')).toBeTruthy();
});
