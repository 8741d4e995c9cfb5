import type { BlockAppraisal } from '@drimbo/core/block/appraise-block';
import { applyChange, inverseChange, type Changed } from '@drimbo/core/block/changes';
import type { Rotation, TrainingBlock } from '@drimbo/core/block/document';
import type { BlockChange, BlockContext, BlockFinding } from '@drimbo/core/block/model';
import type { Session } from '@drimbo/core/session/document';
import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { blocksAnew, editSession } from '../data/blocks';
import { keyedBy } from '../data/block-context';
import { noteSave } from '../data/pending-saves';
import { todayIso } from '../data/queries';
import { tell } from '../parts/toast';
import type { Blocks } from '../workers/blocks';
import { keepSteps, stepsOf, type BlockStep } from './kept-steps';
import type { OpenedBlock } from './opened-block';
import { useSavedDocument, type SavedDocument } from './use-saved-document';

export interface BlockDesk {
  block: TrainingBlock;
  sessions: Readonly<Record<string, Session>>;
  context: BlockContext;
  /** Of the block as it last was; null before the first. */
  appraisal: BlockAppraisal | null;
  /** Remedies are still looked for. */
  isLooking: boolean;
  take: (change: BlockChange | null, says: string, key?: string) => void;
  /** A session that was made of a day is known from now on. */
  know: (id: string, session: Session) => void;
  undo: () => void;
  redo: () => void;
  canUndo: string | null;
  canRedo: string | null;
  says: string;
  conflict: SavedDocument<TrainingBlock>['conflict'];
  rotations: () => Promise<Rotation[]>;
}

/** The worker that appraises blocks, for as long as a screen is open. */
function useWorker(context: BlockContext): Remote<Blocks> | null {
  const [api, setApi] = useState<Remote<Blocks> | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../workers/blocks.ts', import.meta.url), { type: 'module' });
    worker.onerror = (e) => tell(`Blocks cannot be judged: ${e.message || 'the worker could not start'}`);
    const remote = wrap<Blocks>(worker);
    const { sessions: _sessions, ...given } = context;
    void remote.open(given).then(() => setApi(() => remote));
    return () => worker.terminate();
  }, [context]);
  return api;
}

/** Changing goes on for so long before remedies are looked for, milliseconds. */
const QUIET_MS = 300;

/** Appraises in the worker, then looks for remedies; what is overtaken is dropped. */
function useAppraised(
  api: Remote<Blocks> | null,
  block: TrainingBlock,
  sessions: Readonly<Record<string, Session>>,
): { appraisal: BlockAppraisal | null; isLooking: boolean } {
  const [appraisal, setAppraisal] = useState<BlockAppraisal | null>(null);
  const [isLooking, setLooking] = useState(false);
  useEffect(() => {
    if (!api) return;
    let over = false;
    const fill = (found: readonly BlockFinding[]): void => {
      if (over) return;
      const byKey = new Map(found.map((f) => [f.key, f]));
      setAppraisal((a) => a && { ...a, findings: a.findings.map((f) => byKey.get(f.key) ?? f) });
    };
    const go = async (): Promise<void> => {
      setLooking(true);
      const first = await api.appraise(block, sessions);
      if (over) return;
      setAppraisal(first);
      // Somebody who goes on changing it does not wait for what nobody will read.
      await new Promise((resolve) => setTimeout(resolve, QUIET_MS));
      if (over) return;
      const all = await api.remedies(block, sessions, proxy(fill));
      if (over) return;
      if (all) fill(all);
      setLooking(false);
    };
    go().catch((error: Error) => {
      if (!over) tell(`This block cannot be judged: ${error.message}`);
    });
    return () => {
      over = true;
    };
  }, [api, block, sessions]);
  return { appraisal, isLooking };
}

/** A block being edited: the document and its sessions, undo over both, the saving and the appraisal. */
export function useBlock({ file, kits, notebook, schools }: OpenedBlock): BlockDesk {
  const kept = useCallback(() => void blocksAnew(), []);
  const saved = useSavedDocument('block', file.block, kept);
  const block = saved.document;
  const [sessions, setSessions] = useState(() => keyedBy(file.sessions));
  const [first] = useState(() => stepsOf(localStorage, file.block.id, block, sessions));
  const [past, setPast] = useState<readonly BlockStep[]>(first.past);
  const [future, setFuture] = useState<readonly BlockStep[]>(first.future);
  const now = useRef<Changed>({ block, sessions });
  useEffect(() => {
    now.current = { block, sessions };
  }, [block, sessions]);
  useEffect(
    () => keepSteps(localStorage, file.block.id, block, sessions, { past, future }),
    [file.block.id, block, sessions, past, future],
  );

  const { client, logged } = file;
  const context = useMemo(
    (): BlockContext => ({
      client: client.document,
      kits: keyedBy(kits),
      sessions: {},
      notebook,
      schools: schools.map(({ school }) => school),
      logged,
      todayIso: todayIso(),
    }),
    [client, kits, notebook, schools, logged],
  );
  const api = useWorker(context);
  const { appraisal, isLooking } = useAppraised(api, block, sessions);

  const { change: save } = saved;
  const apply = useCallback(
    (change: BlockChange): Changed => {
      const after = applyChange(now.current.block, now.current.sessions, change);
      now.current = after;
      setSessions(after.sessions);
      if (Object.keys(change.block).length > 0) save(change.block);
      for (const { id, edit } of change.sessions)
        noteSave(`block ${file.block.id}`, editSession(id, edit)).catch((error: Error) =>
          tell(`“${after.sessions[id]?.title ?? id}” is not saved: ${error.message}`),
        );
      return after;
    },
    [file.block.id, save],
  );
  const take = useCallback(
    (change: BlockChange | null, says: string, key?: string): void => {
      if (!change) return;
      const before = now.current;
      const after = apply(change);
      const undo = inverseChange(before, after);
      if (Object.keys(undo.block).length === 0 && undo.sessions.length === 0) return;
      const step: BlockStep = { undo, redo: change, says, key: key ?? null };
      setPast((p) => {
        const last = p[p.length - 1];
        const goesOn = last && step.key !== null && last.key === step.key;
        return goesOn ? [...p.slice(0, -1), { ...step, undo: last.undo }] : [...p, step];
      });
      setFuture([]);
    },
    [apply],
  );
  return {
    block,
    sessions,
    context,
    appraisal,
    isLooking,
    take,
    know: useCallback((id, session) => {
      const sessions = { ...now.current.sessions, [id]: session };
      now.current = { ...now.current, sessions };
      setSessions(sessions);
    }, []),
    undo: useCallback(() => {
      const step = past[past.length - 1];
      if (!step) return;
      apply(step.undo);
      setPast(past.slice(0, -1));
      setFuture([step, ...future]);
    }, [past, future, apply]),
    redo: useCallback(() => {
      const [step, ...rest] = future;
      if (!step) return;
      apply(step.redo);
      setPast([...past, step]);
      setFuture(rest);
    }, [past, future, apply]),
    canUndo: past[past.length - 1]?.says ?? null,
    canRedo: future[0]?.says ?? null,
    says: saved.says,
    conflict: saved.conflict,
    rotations: useCallback(
      () => (api ? api.rotations(now.current.block, now.current.sessions) : Promise.resolve([])),
      [api],
    ),
  };
}
