import { applyEdit, type Session } from '../session';
import type { TrainingBlock } from './document';
import type { BlockChange } from './model';

export interface Changed {
  block: TrainingBlock;
  sessions: Record<string, Session>;
}

/** A block and its sessions after a change. Neither of those given is touched; sessions that are not there are passed over. */
export function applyChange(
  block: TrainingBlock,
  sessions: Readonly<Record<string, Session>>,
  change: BlockChange,
): Changed {
  const after: Record<string, Session> = { ...sessions };
  for (const { id, edit } of change.sessions) if (after[id]) after[id] = applyEdit(after[id], edit);
  return { block: { ...block, ...change.block }, sessions: after };
}
