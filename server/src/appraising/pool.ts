import { Worker } from 'node:worker_threads';
import { Problem } from '../problems/problem';
import type { AppraiseJob } from './answer';
import { workedMs } from './thread-time';
import type { Said } from './worker';

/** Answers a job off the event loop, as JSON. */
export type Appraising = (job: AppraiseJob) => Promise<string>;

interface Waiting {
  id: number;
  job: AppraiseJob;
  done: (answer: string) => void;
  refuse: (error: Error) => void;
}

interface Working extends Waiting {
  /** Looks now and then how long it has worked; null until it begins. */
  watch: ReturnType<typeof setInterval> | null;
}

interface Options {
  /** The built worker. */
  file: string | URL;
  size: number;
  /** How long a thread may work on one job, milliseconds on a processor: a busy machine takes longer, and may. */
  limitMs?: number;
  /** How long one may take by the wall from when it began, milliseconds, however little of it was work. */
  patienceMs?: number;
  /** How many may wait for a worker. */
  queue?: number;
}

const LIMIT_MS = 3_000;
const PATIENCE_MS = 120_000;
const LOOK_MS = 100;

const tooLong = (): Problem =>
  new Problem(503, 'too-long', 'This session took too long to appraise and was given up. Try a shorter one.');
const tooBusy = (): Problem =>
  new Problem(503, 'busy', 'This machine is too busy to appraise a session now. Try again later.');
const tooMany = (): Problem =>
  new Problem(503, 'busy', 'Too much is being appraised at this moment. Try again in a few seconds.');

/**
 * A few threads that appraise. A job past its limit is given up with its thread, and another thread takes
 * its place; the event loop never waits.
 */
export class Pool {
  private readonly idle: Worker[] = [];
  /** Every thread with what it works on; null: nothing. */
  private readonly threads = new Map<Worker, Working | null>();
  private readonly line: Waiting[] = [];
  private next = 0;
  private closed = false;

  constructor(private readonly o: Options) {}

  readonly appraise: Appraising = (job) =>
    new Promise((done, refuse) => {
      if (this.line.length >= (this.o.queue ?? 100)) {
        refuse(tooMany());
        return;
      }
      this.line.push({ id: this.next++, job, done, refuse });
      this.serve();
    });

  async close(): Promise<void> {
    this.closed = true;
    await Promise.all([...this.threads.keys()].map((worker) => worker.terminate()));
  }

  private serve(): void {
    while (this.line.length > 0) {
      const worker = this.idle.pop() ?? this.hire();
      if (!worker) return;
      const job = this.line.shift()!;
      this.threads.set(worker, { ...job, watch: null });
      worker.postMessage({ id: job.id, job: job.job });
    }
  }

  private hire(): Worker | null {
    if (this.closed || this.threads.size >= this.o.size) return null;
    const worker = new Worker(this.o.file);
    worker.unref();
    worker.on('message', (said: Said) => this.hear(worker, said));
    worker.on('error', (error) => this.dismiss(worker, error));
    worker.on('exit', () => this.dismiss(worker, new Error('A thread that appraises has ended.')));
    this.threads.set(worker, null);
    return worker;
  }

  /** Gives a job up once its thread has worked too long on it. The cold start of a thread is none of that. */
  private watch(worker: Worker, thread: number | null): ReturnType<typeof setInterval> {
    const { limitMs = LIMIT_MS, patienceMs = PATIENCE_MS } = this.o;
    const before = workedMs(thread) ?? 0;
    const began = Date.now();
    const look = setInterval(() => {
      const wall = Date.now() - began;
      // Where the system does not tell, a thread is taken to have worked a tenth of the time.
      const worked = workedMs(thread);
      if ((worked === null ? wall / 10 : worked - before) > limitMs) this.dismiss(worker, tooLong());
      else if (wall > patienceMs) this.dismiss(worker, tooBusy());
    }, LOOK_MS);
    look.unref();
    return look;
  }

  private hear(worker: Worker, said: Said): void {
    const working = this.threads.get(worker);
    if (working?.id !== said.id) return;
    if ('began' in said) {
      working.watch = this.watch(worker, said.began);
      return;
    }
    if (working.watch) clearInterval(working.watch);
    this.threads.set(worker, null);
    this.idle.push(worker);
    if ('answer' in said) working.done(said.answer);
    else if ('problem' in said) {
      const { status, code, message, path } = said.problem;
      working.refuse(new Problem(status, code, message, path));
    } else working.refuse(new Error(said.failed));
    this.serve();
  }

  /** Ends a thread with the job it has; the next job gets another. */
  private dismiss(worker: Worker, error: Error): void {
    const working = this.threads.get(worker);
    if (!this.threads.delete(worker)) return;
    const at = this.idle.indexOf(worker);
    if (at >= 0) this.idle.splice(at, 1);
    void worker.terminate();
    if (working) {
      if (working.watch) clearInterval(working.watch);
      working.refuse(error);
    }
    this.serve();
  }
}
