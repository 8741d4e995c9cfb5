import { hostname, networkInterfaces } from 'node:os';
import type { Request } from 'express';
import QRCode from 'qrcode';

/** Whether whoever asks sits at this machine. */
export const isHere = ({ socket }: Pick<Request, 'socket'>): boolean =>
  /^(::1|(::ffff:)?127\.\d+\.\d+\.\d+)$/.test(socket.remoteAddress ?? '');

/** The addresses by which other machines of the local network reach this one: IPv4, none that only it knows. */
export const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).filter((a) => a.family === 'IPv4' && !a.internal).map((a) => a.address),
  );

/** The names by which the local network may call this machine: its own, plain and as it is announced. */
export const ownNames = (): string[] => {
  const name = hostname().toLowerCase().replace(/\.$/, '');
  return name.includes('.') ? [name] : [name, `${name}.local`];
};

/** Says by which addresses the local network gets in, the first as a code for a phone's camera. */
export async function tellShared(
  scheme: 'http' | 'https',
  port: number,
  say: (text: string) => void,
): Promise<void> {
  const [first, ...others] = ownAddresses().map((address) => `${scheme}://${address}:${port}/`);
  if (first === undefined) {
    say('This machine is on no network; nobody else gets in.');
    return;
  }
  say(`On this network, with the passcode: ${[first, ...others].join(', ')}`);
  say(await QRCode.toString(first, { type: 'terminal', small: true }));
}
