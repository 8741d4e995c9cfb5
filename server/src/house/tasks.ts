import { fork } from 'node:child_process';
import { Problem } from '../problems/problem';
import type { Order } from './orders';
import type { Tell } from './telling';
import type { Said } from './working';

/**
 * Has long work on the database done by a process of its own, so that nobody waits for it and it can be stopped.
 * Resolves to its result; throws the Problem it met. Stopping the signal kills the process.
 */
export type Tasks = <T>(order: Order, tell?: Tell, stop?: AbortSignal) => Promise<T>;

export const tasksOn =
  (program: string | URL, log: (error: unknown) => void): Tasks =>
  <T>(order: Order, tell: Tell = () => undefined, stop?: AbortSignal) =>
    new Promise<T>((done, refuse) => {
      const child = fork(program, [], {
        execArgv: [],
        stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
        ...(stop ? { signal: stop, killSignal: 'SIGKILL' as const } : {}),
      });
      let wrong = '';
      let said: Exclude<Said, { share: number }> | null = null;
      child.stderr!.on('data', (text) => (wrong += text));
      child.on('message', (message: Said) => {
        if ('share' in message) tell(message.share);
        else said = message;
      });
      child.on('error', refuse);
      child.on('close', () => {
        if (said === null) refuse(new Error(`The work ended without a result. ${wrong}`));
        else if ('result' in said) done(said.result as T);
        else {
          const { status, code, message, current } = said.failure;
          if (status === 500) log(new Error(message));
          refuse(status === 500 ? notDone() : new Problem(status, code, message, '', current));
        }
      });
      child.send(order);
    });

const notDone = (): Problem =>
  new Problem(500, 'internal', 'The work could not be done; nothing was changed. Try again.');
