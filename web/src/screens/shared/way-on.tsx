import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useClientNames } from '../../data/queries';

/** The way on from a list that is empty: the first steps while there is no client, `children` after that. */
export function WayOn({ children }: { children: ReactNode }): ReactNode {
  const clients = useClientNames().data;
  if (!clients) return null;
  return clients.length === 0 ? <Link to="/start">Take the first steps</Link> : children;
}
