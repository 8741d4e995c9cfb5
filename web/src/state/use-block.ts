import {
  applyChange,
  type BlockAppraisal,
  type BlockChange,
  type BlockContext,
  type BlockFinding,
  type Rotation,
  type TrainingBlock,
} from '@drimbo/core/block';
import {
  blockKind,
  bothOf,
  changesOf,
  eachOf,
  historyOf,
  refusal,
  sessionKind,
  type Change,
} from '@drimbo/core/documents';
import type { Session } from '@drimbo/core/session';
import { proxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { keyedBy } from '../data/block-context';
import { blocksAnew } from '../data/blocks';
import { addressOfDocument, changeDocument } from '../data/documents';
import { noteSave } from '../data/pending-saves';
import { todayIso } from '../data/queries';
import { tell } from '../parts/toast';
import type { Blocks } from '../workers/blocks';
import { KeptHistory } from './kept-history';
import type { OpenedBlock } from './opened-block';
import { leftHere, sameBy, savingWords, type Conflicting } from './saving';
import { useHistory } from './use-history';
import { useSaving } from './use-saving';

type Sessions = Readonly<Record<string, Session>>;

export interface BlockDesk {
  block: TrainingBlock;
  sessions: Sessions;
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
  stepsBack: number;
  says: string;
  conflict: Conflicting<TrainingBlock> | null;
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
  sessions: Sessions,
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

type Both = readonly [TrainingBlock, Sessions];
type BothChanges = readonly [Change, Readonly<Record<string, Change>>];

const ofSession = changesOf(sessionKind);
const history = historyOf(bothOf(changesOf(blockKind), eachOf(ofSession)));
const sameBlock = sameBy(blockKind);

/** Where the steps of a block are kept: they fit the block and the sessions that they touch, as those were left. */
const keptOf = (id: string) =>
  new KeptHistory<Both, BothChanges>(addressOfDocument('block', id), {
    history,
    storage: localStorage,
    fits: ([block, sessions], steps) => {
      const touched = new Set(steps.flatMap((step) => Object.keys(step.change[1])));
      return [block, [...touched].sort().map((of) => sessions[of] ?? null)];
    },
    same: (a, b) => {
      const [[block, touched], [block2, touched2]] = [a as [unknown, unknown], b as [unknown, unknown]];
      return sameBlock(block, block2) && JSON.stringify(touched) === JSON.stringify(touched2);
    },
  });

/** Sends what is changed of the sessions, on top of whatever else was changed meanwhile. */
function useSessionsSaved(blockId: string, sessions: Sessions): (known: Sessions) => void {
  const sent = useRef(sessions);
  useEffect(() => {
    for (const [id, now] of Object.entries(sessions)) {
      const before = sent.current[id];
      if (!before || before === now) continue;
      const change = ofSession.between(before, now);
      noteSave(
        addressOfDocument('block', blockId),
        changeDocument('session', id, (there) => ofSession.apply(there, change)),
      ).catch((error: Error) => tell(`“${now.title}” is not saved: ${error.message}`));
    }
    sent.current = sessions;
  }, [blockId, sessions]);
  return useCallback((known) => {
    sent.current = { ...sent.current, ...known };
  }, []);
}

/** A block being edited: the document and its sessions, undo over both, the saving and the appraisal. */
export function useBlock({ file, kits, notebook, schools }: OpenedBlock): BlockDesk {
  const { id } = file.block;
  const [opening] = useState(() => ({ left: leftHere(blockKind, id), kept: keptOf(id), stored: file.block }));
  const { left, stored } = opening;
  const [first] = useState((): Both => [left.draft?.document ?? stored.document, keyedBy(file.sessions)]);
  const editing = useHistory(history, opening.kept, first);
  const [block, sessions] = editing.shown;
  const { fill, commit, meet } = editing;
  const known = useSessionsSaved(id, sessions);

  const become = useCallback(
    (document: TrainingBlock, says: string) => commit(([, all]) => [document, all], says),
    [commit],
  );
  const taken = useCallback(() => void blocksAnew(), []);
  const saving = useSaving({ kind: blockKind, stored, left }, { present: editing.present[0], become, taken });
  const wrong = block === editing.present[0] ? null : refusal(blockKind, block, editing.present[0]);

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
  const { appraisal, isLooking } = useAppraised(api, editing.present[0], sessions);
  const now = useRef(editing.present);
  useEffect(() => {
    now.current = editing.present;
  }, [editing.present]);

  return {
    block,
    sessions,
    context,
    appraisal,
    isLooking,
    take: useCallback(
      (change, says, key) => {
        if (!change) return;
        fill(
          ([b, s]) => {
            const after = applyChange(b, s, change);
            return [after.block, after.sessions];
          },
          says,
          key,
        );
      },
      [fill],
    ),
    know: useCallback(
      (sessionId, session) => {
        known({ [sessionId]: session });
        meet(([b, s]) => [b, { ...s, [sessionId]: session }]);
      },
      [known, meet],
    ),
    undo: editing.undo,
    redo: editing.redo,
    canUndo: editing.canUndo,
    canRedo: editing.canRedo,
    stepsBack: editing.stepsBack,
    says: wrong ? `Not saved: ${wrong.message}` : savingWords(saving.state),
    conflict: saving.conflict,
    rotations: useCallback(() => (api ? api.rotations(...now.current) : Promise.resolve([])), [api]),
  };
}
