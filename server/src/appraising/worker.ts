import type { ProblemCode } from '@drimbo/core/contract';
import { constants, setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { Problem } from '../problems/problem';
import { answerJob, type AppraiseJob } from './answer';
import { ownThread } from './thread-time';

/** What a worker says of a job: that it began it, on which thread; its answer, a refusal, or that it failed. */
export type Said =
  | { id: number; began: number | null }
  | { id: number; answer: string }
  | { id: number; problem: { status: number; code: ProblemCode; message: string; path: string } }
  | { id: number; failed: string };

// Where the engine gives each thread a priority of its own, the one that answers goes first.
setPriority(constants.priority.PRIORITY_BELOW_NORMAL);

const thread = ownThread();
parentPort!.on('message', ({ id, job }: { id: number; job: AppraiseJob }) => {
  parentPort!.postMessage({ id, began: thread } satisfies Said);
  let said: Said;
  try {
    said = { id, answer: answerJob(job) };
  } catch (error) {
    said =
      error instanceof Problem
        ? {
            id,
            problem: { status: error.status, code: error.code, message: error.message, path: error.path },
          }
        : { id, failed: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
  parentPort!.postMessage(said);
});
