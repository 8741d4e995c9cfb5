import {
  appraiseBlock,
  type BlockAppraisal,
  type BlockContext,
  type BlockFinding,
  blockRemedies,
  measureBlock,
  proposedRotations,
  type Rotation,
  type TrainingBlock,
} from '@drimbo/core/block';
import { type WeekDone, weeksDone } from '@drimbo/core/log';
import type { Session } from '@drimbo/core/session';
import { expose } from 'comlink';

type Sessions = Readonly<Record<string, Session>>;
let context: BlockContext | null = null;
/** What is asked last counts; a search that is overtaken stops. */
let turn = 0;

const withSessions = (sessions: Sessions): BlockContext => ({ ...context!, sessions });

const blocks = {
  /** Everything a block is judged against but its sessions, which change with it. */
  open(given: Omit<BlockContext, 'sessions'>): void {
    context = { ...given, sessions: {} };
  },
  appraise(block: TrainingBlock, sessions: Sessions): BlockAppraisal {
    turn += 1;
    return appraiseBlock(block, withSessions(sessions));
  },
  /** The findings with their remedies, as they are found; null where something newer was asked for meanwhile. */
  async remedies(
    block: TrainingBlock,
    sessions: Sessions,
    tell: (found: BlockFinding[]) => void,
  ): Promise<BlockFinding[] | null> {
    const mine = (turn += 1);
    const search = blockRemedies(block, withSessions(sessions));
    for (let told = 0; ;) {
      const step = search.next();
      if (step.done) return step.value;
      if (step.value.length > told) {
        told = step.value.length;
        tell([...step.value]);
      }
      await new Promise((resolve) => setTimeout(resolve));
      if (turn !== mine) return null;
    }
  },
  /** What was planned and what was done, week by week up to today. */
  weeksDone(block: TrainingBlock, sessions: Sessions): WeekDone[] {
    return weeksDone(block, withSessions(sessions));
  },
  rotations(block: TrainingBlock, sessions: Sessions): Rotation[] {
    return proposedRotations(measureBlock(block, withSessions(sessions)));
  },
};

export type Blocks = typeof blocks;
expose(blocks);
