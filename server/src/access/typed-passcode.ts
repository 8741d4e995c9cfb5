import { read } from 'read';

/** One line from whoever started this, not shown while it is typed. A line that is piped in is taken as it is. */
export const typedPasscode = (): Promise<string> =>
  read({ prompt: 'Passcode, at least 8 characters (not shown): ', silent: true });
