import type { BlockChange } from '@drimbo/core/block/model';
import type { TrainingBlock } from '@drimbo/core/block/document';
import type { Session } from '@drimbo/core/session/document';

/** Something that was done to a block and its sessions, and how it is taken back. */
export interface BlockStep {
  undo: BlockChange;
  redo: BlockChange;
  says: string;
  /** Steps of one key that follow each other are one. */
  key: string | null;
}

interface Steps {
  past: readonly BlockStep[];
  future: readonly BlockStep[];
}

type Sessions = Readonly<Record<string, Session>>;

const STEM = 'drimbo.block-steps.';
const MOST_STEPS = 60;
const none: Steps = { past: [], future: [] };

/** The block and the sessions that steps touch, as they were left: steps fit nothing else. */
function left(block: TrainingBlock, sessions: Sessions, { past, future }: Steps): string {
  const touched = new Set(
    [...past, ...future].flatMap((s) => [...s.undo.sessions, ...s.redo.sessions].map((e) => e.id)),
  );
  return JSON.stringify([block, [...touched].sort().map((id) => sessions[id] ?? null)]);
}

/** Keeps what can be undone and redone in a block on this device. A full device loses the steps, never the block. */
export function keepSteps(
  storage: Storage,
  id: string,
  block: TrainingBlock,
  sessions: Sessions,
  steps: Steps,
): void {
  const kept = { past: steps.past.slice(-MOST_STEPS), future: steps.future.slice(0, MOST_STEPS) };
  if (kept.past.length + kept.future.length === 0) return storage.removeItem(STEM + id);
  try {
    storage.setItem(STEM + id, JSON.stringify({ ...kept, left: left(block, sessions, kept) }));
  } catch {
    storage.removeItem(STEM + id);
  }
}

/** The steps that lead to this block; none where it or one of their sessions was changed elsewhere meanwhile. */
export function stepsOf(storage: Storage, id: string, block: TrainingBlock, sessions: Sessions): Steps {
  try {
    const raw = JSON.parse(storage.getItem(STEM + id) ?? 'null') as (Steps & { left: string }) | null;
    if (!raw || !Array.isArray(raw.past) || !Array.isArray(raw.future)) return none;
    const { past, future } = raw;
    return raw.left === left(block, sessions, { past, future }) ? { past, future } : none;
  } catch {
    return none;
  }
}

/** Takes the steps of some blocks off this device. */
export function forgetStepsOf(storage: Storage, ids: readonly string[]): void {
  for (const id of ids) storage.removeItem(STEM + id);
}
