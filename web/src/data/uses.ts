import { useQuery } from '@tanstack/react-query';
import { ways } from '@drimbo/core/contract';
import { ask } from './api';

/** How many sessions have an own movement, and how many of those are not finished. */
export const useUses = (own: string) =>
  useQuery({
    queryKey: ['sessions', 'with', own],
    queryFn: () => ask(ways.usesOfOwn({ query: { own } })),
  });
