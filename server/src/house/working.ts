import { carryOut, failureOf, type Failure, type Order } from './orders';

/** What the process that works says: how far it is, and at the end what came of it. */
export type Said = { share: number } | { result: unknown } | { failure: Failure };

const say = (said: Said, then?: () => void): void => void process.send!(said, undefined, {}, then);

/** As often as somebody who waits wants to know, milliseconds. */
const TELL_MS = 200;
let toldAt = 0;

process.umask(0o077);
process.on('disconnect', () => process.exit(1));
process.once('message', (order: Order) => {
  void carryOut(order, (share) => {
    if (Date.now() - toldAt < TELL_MS) return;
    toldAt = Date.now();
    say({ share });
  })
    .then((result) => ({ result: result ?? null }))
    .catch((error: unknown) => ({ failure: failureOf(error) }))
    .then((said) => say(said, () => process.exit(0)));
});
