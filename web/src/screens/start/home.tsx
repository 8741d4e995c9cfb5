import type { ReactNode } from 'react';
import { Navigate } from 'react-router';
import { useClients } from '../../data/queries';
import { Blank } from '../../parts/blank';

/** Where the product opens: the clients, or the first steps while there is none. */
export function Home(): ReactNode {
  const { total, error } = useClients();
  if (total === null && !error) return <Blank title="Opening…" />;
  return <Navigate to={total === 0 ? '/start' : '/clients'} replace />;
}
