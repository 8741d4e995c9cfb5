import { useQuery } from '@tanstack/react-query';
import { api } from './api';

/** How many sessions have an own movement, and how many of those are not finished. */
export const useUses = (own: string) =>
  useQuery({
    queryKey: ['sessions', 'with', own],
    queryFn: () =>
      api.get<{ sessions: number; drafts: number }>(`/sessions/with?own=${encodeURIComponent(own)}`),
  });
