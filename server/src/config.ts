import { resolve } from 'node:path';

export interface Config {
  host: string;
  port: number;
  dataFolder: string;
  webFolder: string;
}

const loopback = ['127.0.0.1', '::1', 'localhost'];

/** Settings from the environment. Throws an Error whose message tells the user what to change. */
export function readConfig(env: NodeJS.ProcessEnv, root: string): Config {
  /** An empty setting is none. */
  const set = (name: string, otherwise: string): string => env[name]?.trim() || otherwise;
  const port = Number(set('DRIMBO_PORT', '4310'));
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`DRIMBO_PORT is "${env.DRIMBO_PORT}"; give a whole number from 0 to 65535.`);
  const host = set('DRIMBO_HOST', '127.0.0.1').toLowerCase();
  if (!loopback.includes(host))
    throw new Error(
      `DRIMBO_HOST is "${host}"; Drimbo serves this machine only, so give 127.0.0.1, ::1 or localhost.`,
    );
  return {
    host,
    port,
    dataFolder: resolve(root, set('DRIMBO_DATA', 'data')),
    webFolder: resolve(root, 'web/dist'),
  };
}
