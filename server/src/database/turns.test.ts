import { Turns } from './turns';

test('one after the other in the order they came; who waited too long is told the file is locked', async () => {
  const turns = new Turns();
  const order: string[] = [];
  await turns.take(1_000);
  const second = turns.take(1_000).then(() => order.push('second'));
  const late = turns.take(20).catch((error: { code: string }) => order.push(error.code));
  const fourth = turns.take(1_000).then(() => order.push('fourth'));
  await late;
  turns.give();
  await second;
  turns.give();
  await fourth;
  turns.give();
  expect(order).toEqual(['SQLITE_BUSY', 'second', 'fourth']);
  // Nobody waits: it is free again.
  await turns.take(0);
});
