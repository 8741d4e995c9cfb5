import type { WeekDone } from '@drimbo/core/log';
import { useQuery } from '@tanstack/react-query';
import { wrap } from 'comlink';
import type { Blocks } from '../workers/blocks';
import { ways } from '@drimbo/core/contract';
import { ask } from './api';
import { contextOfFile, houseContext } from './block-context';

/** Reckoned in a worker that lives as long as it takes. */
async function weeksOfBlock(id: string): Promise<WeekDone[]> {
  const [file, house] = await Promise.all([ask(ways.blockFile({ id })), houseContext()]);
  const worker = new Worker(new URL('../workers/blocks.ts', import.meta.url), { type: 'module' });
  try {
    const blocks = wrap<Blocks>(worker);
    const { sessions, ...context } = contextOfFile(file, house);
    await blocks.open(context);
    return await blocks.weeksDone(file.block.document, sessions);
  } finally {
    worker.terminate();
  }
}

/** A block's weeks up to today, planned beside done; nothing is asked without one. */
export const useWeeksDone = (blockId: string | undefined) =>
  useQuery({
    queryKey: ['weeks done', blockId],
    queryFn: () => weeksOfBlock(blockId!),
    enabled: blockId !== undefined,
    staleTime: 60_000,
  });
