import type { Deleted } from '@drimbo/core/formats';

const counted = (n: number, one: string): string[] => (n === 0 ? [] : [`${n} ${one}${n === 1 ? '' : 's'}`]);

/**
 * What goes with a client, counted.
 *
 * @example alongClient({ sessions: 14, blocks: 1 }) // ['14 sessions', '1 block']
 */
export const alongClient = ({ sessions, blocks }: Pick<Deleted, 'sessions' | 'blocks'>): string[] => [
  ...counted(sessions, 'session'),
  ...counted(blocks, 'block'),
];
