import { spawn } from 'node:child_process';
import { Problem } from '../problem';

/**
 * Long work on the database by a process of its own, so that nobody waits for it and it can be stopped: its
 * transaction ends with it. `run` takes the arguments of a command and gives its result; throws the Problem it
 * met. Stopping the signal kills the process.
 */
export type Tasks = <T>(args: readonly string[], stop?: AbortSignal) => Promise<T>;

interface Answer<T> {
  result?: T;
  failure?: { status: number; code: string; message: string; current?: unknown };
}

export const tasksOn =
  (program: string, dataFolder: string): Tasks =>
  <T>(args: readonly string[], stop?: AbortSignal) =>
    new Promise<T>((done, refuse) => {
      const child = spawn(process.execPath, [program, ...args, '--json'], {
        env: { ...process.env, DRIMBO_DATA: dataFolder },
        stdio: ['ignore', 'pipe', 'pipe'],
        ...(stop ? { signal: stop, killSignal: 'SIGKILL' as const } : {}),
      });
      let said = '';
      let wrong = '';
      child.stdout.on('data', (text) => (said += text));
      child.stderr.on('data', (text) => (wrong += text));
      child.on('error', refuse);
      child.on('close', () => {
        let answer: Answer<T> = {};
        try {
          answer = JSON.parse(said) as Answer<T>;
        } catch {
          // It ended before it could say anything.
        }
        const { failure } = answer;
        if (failure) refuse(new Problem(failure.status, failure.code, failure.message, '', failure.current));
        else if ('result' in answer) done(answer.result as T);
        else refuse(new Error(`The work ended without a result. ${wrong}`));
      });
    });
