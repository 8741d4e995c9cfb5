import { applyEdit, inverseOf } from '../session/edits';
import type { Session } from '../session/document';
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

/** The change that takes a change back: parts of the block and of the sessions as they were. */
export function inverseChange(before: Changed, after: Changed): BlockChange {
  const block: Record<string, unknown> = {};
  for (const key of Object.keys({ ...before.block, ...after.block }) as (keyof TrainingBlock)[])
    if (before.block[key] !== after.block[key]) block[key] = before.block[key];
  return {
    block,
    sessions: Object.keys(after.sessions)
      .filter((id) => before.sessions[id] && before.sessions[id] !== after.sessions[id])
      .map((id) => ({ id, edit: inverseOf(before.sessions[id]!, after.sessions[id]!) })),
  };
}
