import { emptySession, LONGEST_NOTE, MOST_BLOCKS, type Session } from '../session';
import { blocksOfPasted, type Pasted } from './pasted';

/**
 * Each day of a message as a session of its own, a draft for the same client and gym as `like`: its movements, and
 * in its note what is said there and names none.
 */
export function sessionsOfDays(pasted: Pasted, like: Session, newId: (stem: string) => string): Session[] {
  return pasted.days.map(({ title, from, to }) => {
    const rows = pasted.rows.slice(from, to);
    const kept = rows.filter((row) => row.line === null && row.kind !== 'heading').map((row) => row.text);
    const between = new Map([...pasted.between].map(([at, s]) => [at - from, s]));
    return emptySession({
      title: title.slice(0, 120),
      clientId: like.clientId,
      kitId: like.kitId,
      minutes: like.minutes,
      emphasis: like.emphasis,
      school: like.school,
      spotter: like.spotter,
      note: kept.join('\n').slice(0, LONGEST_NOTE),
      blocks: blocksOfPasted({ rows, between }, newId).slice(0, MOST_BLOCKS),
    });
  });
}
