import { existsSync } from 'node:fs';
import { resolve } from 'node:path';

export interface Config {
  host: string;
  port: number;
  dataFolder: string;
  webFolder: string;
  /** To the local network, not to this machine alone. */
  isShared: boolean;
  /** Files of a certificate and its key, to serve by HTTPS; null for plain HTTP. */
  tls: { cert: string; key: string } | null;
}

const loopback = ['127.0.0.1', '::1', 'localhost'];

/** Settings from the environment. Throws an Error whose message tells the user what to change. */
export function readConfig(env: NodeJS.ProcessEnv, root: string, args: readonly string[] = []): Config {
  /** An empty setting is none. */
  const set = (name: string, otherwise: string): string => env[name]?.trim() || otherwise;
  const port = Number(set('DRIMBO_PORT', '4310'));
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`DRIMBO_PORT is "${env.DRIMBO_PORT}"; give a whole number from 0 to 65535.`);
  const share = set('DRIMBO_SHARE', '0');
  if (!['0', '1'].includes(share))
    throw new Error(
      `DRIMBO_SHARE is "${share}"; give 1 to serve the local network, 0 for this machine alone.`,
    );
  const isShared = share === '1' || args.includes('--share');
  const host = set('DRIMBO_HOST', isShared ? '0.0.0.0' : '127.0.0.1').toLowerCase();
  if (!isShared && !loopback.includes(host))
    throw new Error(
      `DRIMBO_HOST is "${host}"; Drimbo serves this machine only unless it is shared, so give 127.0.0.1, ::1 or localhost, or start it with --share.`,
    );
  const [cert, key] = [set('DRIMBO_TLS_CERT', ''), set('DRIMBO_TLS_KEY', '')];
  if ((cert === '') !== (key === ''))
    throw new Error(
      'DRIMBO_TLS_CERT and DRIMBO_TLS_KEY go together: the files of a certificate and of its key.',
    );
  for (const file of [cert, key])
    if (file !== '' && !existsSync(file))
      throw new Error(`${file} is not there; give the file of the certificate or key.`);
  return {
    tls: cert === '' ? null : { cert: resolve(root, cert), key: resolve(root, key) },
    host,
    port,
    dataFolder: resolve(root, set('DRIMBO_DATA', 'data')),
    webFolder: resolve(root, 'web/dist'),
    isShared,
  };
}
