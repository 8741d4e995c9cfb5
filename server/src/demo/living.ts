import { frozenSession, madeOf, measureDay, placed, type TrainingBlock } from '@drimbo/core/block';
import type { Kit } from '@drimbo/core/kit';
import { Life } from '@drimbo/core/lifter';
import type { Client, Session } from '@drimbo/core/session';
import { evidenceOf, nothingSaid, performed, type PerformedSet } from '@drimbo/core/log';
import type { Logged } from '@drimbo/core/strength';
import type { Insertable } from 'kysely';
import type { PerformedSetRow } from '../database/tables';
import { rowOf } from '../queries/sets';
import type { DemoBlock } from './blocks';

interface World {
  client: Client;
  kits: Readonly<Record<string, Kit>>;
  sessions: ReadonlyMap<string, Session>;
  today: string;
}

/** A block lived through up to today. */
interface Lived {
  block: TrainingBlock;
  /** The sessions of the days that are done, as they were, by id. */
  done: [id: string, session: Session][];
  sets: Insertable<PerformedSetRow>[];
}

/** Lives a block day by day until yesterday: each session as its week had it then, lifted by the simulated lifter. */
export function lived({ id: blockId, block: told, lifter }: DemoBlock, world: World): Lived {
  const life = new Life({ ...lifter, massKg: world.client.massKg });
  const sessions = Object.fromEntries(world.sessions);
  const logged: Logged[] = [];
  const result: Lived = { block: told, done: [], sets: [] };
  const first = world.client.name.split(' ')[0]!.toLowerCase();
  for (const p of placed(told)) {
    if (p.date >= world.today || p.state !== 'planned') continue;
    const context = {
      client: world.client,
      kits: world.kits,
      sessions,
      logged: [...logged],
      todayIso: p.date,
    };
    const measured = measureDay(told, context, p);
    if (!measured) {
      result.block = { ...result.block, ...madeOf(result.block, p, null, p.date).block };
      continue;
    }
    const lifted = life.lift(measured, p.date);
    const id = `${first}-done-${result.done.length + 1}`;
    const found = new Map(lifted.map((l) => [l.lineId, l.loadKg]));
    result.done.push([id, frozenSession(measured, p.date, found)]);
    result.block = { ...result.block, ...madeOf(result.block, p, id, p.date).block };
    const lines = new Map(measured.lines.map((m) => [m.id, m]));
    lifted.forEach((l, at) => {
      const m = lines.get(l.lineId)!;
      const said = {
        ...nothingSaid,
        technique: l.technique,
        felt: l.felt,
        comfort: l.comfort,
        ended: l.failed && !m.sets[l.setIndex]!.target.toFailure ? ('too heavy' as const) : null,
      };
      const figures = { loadKg: l.loadKg, reps: l.reps, reserve: l.reserve, heldS: null };
      const set: PerformedSet = {
        ...performed(m, l.setIndex, figures, said),
        id: `${blockId}-${p.day}-${at + 1}`,
        clientId: told.clientId,
        sessionId: id,
        doneOn: p.date,
      };
      logged.push(...[evidenceOf(set) ?? []].flat());
      result.sets.push(rowOf(set));
    });
  }
  return result;
}
