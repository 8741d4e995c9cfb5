import fc from 'fast-check';
import { afterList, type KeptSet, type SetList, type TakenAway } from './keeping';
import { nothingSaid, type PerformedSet } from './performed-set';

const set = (id: string): PerformedSet => ({
  ...nothingSaid,
  id,
  clientId: 'c',
  sessionId: 's',
  lineId: 'l',
  setIndex: 0,
  kind: 'set',
  movement: 'barbell-press',
  rig: {},
  doneOn: '2026-11-20',
  loadKg: 80,
  reps: 8,
  reserve: 2,
  heldS: null,
  tired: 0,
  repS: null,
  asked: null,
  at: null,
});
const kept = (id: string, at: number | null, isMine = true): KeptSet => ({
  id,
  sessionId: 's',
  set: set(id),
  at,
  isMine,
});
const list = (at: number, ...ids: string[]): SetList => ({ house: 'h', at, sets: ids.map(set) });
const after = (here: KeptSet[], away: TakenAway[], l: SetList, house: string | null = 'h') => {
  const { put, drop, forget, again } = afterList(here, away, l, 's', house);
  return {
    put: put.map((k) => `${k.id}@${k.at}`),
    drop,
    forget,
    again: again.sets.map((s) => s.id),
    back: again.removes,
  };
};
const nothing = { put: [], drop: [], forget: [], again: [], back: [] };

test('what nobody has answered stays, whatever a list says', () => {
  expect(after([kept('a', null)], [], list(7))).toEqual(nothing);
  expect(after([kept('a', null)], [], list(7, 'b'))).toEqual({ ...nothing, put: ['b@7'] });
});

test('what was answered after the list was read stays; what was answered before and is not in it was taken away', () => {
  expect(after([kept('a', 8)], [], list(7))).toEqual(nothing);
  expect(after([kept('a', 7)], [], list(7))).toEqual({ ...nothing, drop: ['a'] });
  expect(after([kept('a', 6, false)], [], list(7))).toEqual({ ...nothing, drop: ['a'] });
  // Told by a list as late as it was ever known.
  expect(after([kept('a', 9)], [], list(7, 'a'))).toEqual({ ...nothing, put: ['a@9'] });
});

test('what was taken away here does not come back by a list that was read before', () => {
  const away = (at: number | null): TakenAway[] => [{ id: 'a', sessionId: 's', at }];
  expect(after([], away(null), list(7, 'a'))).toEqual(nothing);
  expect(after([], away(8), list(7, 'a'))).toEqual(nothing);
  expect(after([], away(7), list(7))).toEqual({ ...nothing, forget: ['a'] });
  expect(after([], away(8), list(7))).toEqual(nothing);
});

test('after a copy was put back a device sends again what the copy does not have', () => {
  expect(after([kept('a', 9), kept('b', 9, false)], [], list(2, 'c'), 'before')).toEqual({
    ...nothing,
    put: ['a@null', 'c@2'],
    drop: ['b'],
    again: ['a'],
  });
  expect(after([], [{ id: 'c', sessionId: 's', at: 5 }], list(2, 'c'), 'before')).toEqual({
    ...nothing,
    back: ['c'],
  });
});

/** A server that counts every change, and answers the same request as it did the first time. */
class Server {
  at = 0;
  private readonly there = new Map<string, PerformedSet>();
  private readonly gone = new Set<string>();
  take(sets: readonly PerformedSet[], removes: readonly string[]): number {
    for (const id of removes) {
      if (this.there.delete(id)) this.at += 1;
      this.gone.add(id);
    }
    for (const s of sets)
      if (!this.gone.has(s.id) && !this.there.has(s.id)) {
        this.there.set(s.id, s);
        this.at += 1;
      }
    return this.at;
  }
  list = (): SetList => ({ house: 'h', at: this.at, sets: [...this.there.values()] });
}

/** A phone with a queue, of whose requests and answers any may be lost, and to which lists come late. */
class Phone {
  readonly sets = new Map<string, KeptSet>();
  readonly away = new Map<string, TakenAway>();
  private readonly queue: { sets: PerformedSet[]; removes: string[] }[] = [];
  private readonly underWay: SetList[] = [];
  private newest = 0;
  constructor(private readonly server: Server) {}

  log(id: string): void {
    this.sets.set(id, kept(id, null));
    this.queue.push({ sets: [set(id)], removes: [] });
  }
  takeBack(id: string): void {
    this.sets.delete(id);
    this.away.set(id, { id, sessionId: 's', at: null });
    this.queue.push({ sets: [], removes: [id] });
  }
  /** The first of the queue is sent; where the answer is lost it stays to be sent again. */
  send(isAnswered: boolean): void {
    const [op] = this.queue;
    if (!op) return;
    const at = this.server.take(op.sets, op.removes);
    if (!isAnswered) return;
    for (const { id } of op.sets) if (this.sets.has(id)) this.sets.set(id, { ...this.sets.get(id)!, at });
    for (const id of op.removes) if (this.away.has(id)) this.away.set(id, { ...this.away.get(id)!, at });
    this.queue.shift();
  }
  ask = (): void => void this.underWay.push(this.server.list());
  arrive(which: number): void {
    const [l] = this.underWay.splice(which % Math.max(1, this.underWay.length), 1);
    if (!l || l.at < this.newest) return;
    this.newest = l.at;
    const a = afterList([...this.sets.values()], [...this.away.values()], l, 's', 'h');
    a.drop.forEach((id) => this.sets.delete(id));
    a.put.forEach((k) => this.sets.set(k.id, k));
    a.forget.forEach((id) => this.away.delete(id));
  }
  settle(): void {
    while (this.queue.length > 0) this.send(true);
  }
  meet(): void {
    while (this.underWay.length > 0) this.arrive(0);
    this.ask();
    this.arrive(0);
  }
}

const event = fc.record({
  phone: fc.nat(1),
  does: fc.constantFrom('log', 'log', 'send', 'lose', 'ask', 'arrive', 'take back'),
  n: fc.nat(20),
});

test('in any order of events no set that was logged is lost, none comes back, and all agree in the end', () => {
  fc.assert(
    fc.property(fc.array(event, { maxLength: 60 }), (events) => {
      const server = new Server();
      const phones = [new Phone(server), new Phone(server)];
      const logged = new Set<string>();
      const back = new Set<string>();
      events.forEach(({ phone: which, does, n }, i) => {
        const phone = phones[which]!;
        if (does === 'log') {
          phone.log(`set-${i}`);
          logged.add(`set-${i}`);
        } else if (does === 'take back') {
          const id = [...phone.sets.keys()][n % Math.max(1, phone.sets.size)];
          if (id === undefined) return;
          phone.takeBack(id);
          back.add(id);
        } else if (does === 'send' || does === 'lose') phone.send(does === 'send');
        else if (does === 'ask') phone.ask();
        else phone.arrive(n);
        // What a phone logged itself and nobody took back is on it at every moment.
        for (const id of logged) {
          const own = phones.find((p) => p.sets.get(id)?.isMine);
          if (!back.has(id)) expect([i, id, own !== undefined]).toEqual([i, id, true]);
        }
      });
      phones.forEach((p) => p.settle());
      phones.forEach((p) => p.meet());
      const want = [...logged].filter((id) => !back.has(id)).sort();
      expect(
        server
          .list()
          .sets.map((s) => s.id)
          .sort(),
      ).toEqual(want);
      for (const p of phones) expect([...p.sets.keys()].sort()).toEqual(want);
    }),
    { numRuns: 2000 },
  );
});
