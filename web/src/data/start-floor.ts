import { madeOf, measureDay, placed, sessionOfDay } from '@drimbo/core/block';
import { ways, type ClientFile } from '@drimbo/core/contract';
import { ask } from './api';
import { contextOfFile, houseContext } from './block-context';
import { keepSession } from './blocks';
import { changeDocument } from './documents';
import { todayIso } from './queries';

/**
 * The session to be run for this one: itself, or where a block uses it for today or a day that is still open, one of that
 * day's own as its week has it, so that the session the weeks follow stays as it is.
 */
export async function sessionForFloor(sessionId: string, file: Pick<ClientFile, 'blocks'>): Promise<string> {
  const today = todayIso();
  const brief = file.blocks.find((b) => b.startsOn <= today && b.endsOn >= today);
  if (!brief) return sessionId;
  const stored = await ask(ways.blockFile({ id: brief.id }));
  const { block } = stored;
  const uses = new Set(
    block.document.days.flatMap((d) =>
      d.does.is === 'session' && d.does.session === sessionId ? [d.id] : [],
    ),
  );
  if (uses.size === 0) return sessionId;
  const open = placed(block.document).filter((p) => p.state === 'planned' && uses.has(p.training));
  const day = open.find((p) => p.date >= today) ?? open.at(-1);
  if (!day) return sessionId;
  if (day.session) return day.session;
  const measured = measureDay(block.document, contextOfFile(stored, await houseContext()), day);
  if (!measured) return sessionId;
  const id = await keepSession(`day ${block.id} ${day.day}`, sessionOfDay(measured, today, 'handed over'));
  await changeDocument('block', block.id, (now) => ({ ...now, ...madeOf(now, day, id, null).block }));
  return id;
}
