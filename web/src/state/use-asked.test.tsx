import { act, renderHook } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { useAsked } from './use-asked';

const start = (at: string) =>
  renderHook(() => ({ ...useAsked(), at: useLocation().search }), {
    wrapper: ({ children }) => <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>,
  }).result;

test('what is asked for stands in the address; an empty word and a null are taken off', () => {
  const page = start('/sessions?search=push&page=2');
  act(() => page.current.ask({ status: 'draft', page: null }));
  expect(page.current.at).toBe('?search=push&status=draft');
  act(() => page.current.ask({ search: '' }));
  expect(page.current.at).toBe('?status=draft');
});

test.each([
  ['?sort=title', { by: 'title', isDown: false }],
  ['?sort=-changed', { by: 'changed', isDown: true }],
  ['', null],
])('the order in %p is read, and written the same way', (at, order) => {
  const page = start(`/sessions${at}`);
  expect(page.current.sort).toEqual(order);
  if (order) act(() => page.current.sortBy(order));
  expect(page.current.at).toBe(at);
});

test('a column asked for the other way round changes the order alone', () => {
  const page = start('/sessions?search=push&sort=title');
  act(() => page.current.sortBy({ by: 'title', isDown: true }));
  expect(page.current.at).toBe('?search=push&sort=-title');
});
