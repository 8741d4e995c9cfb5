import { applyEdit, type Edit } from './edits';
import type { Done, Session } from './document';
import type { FloorChange, FloorEdit } from './floor-changes';

/** The changes that still stand: neither taken back nor the taking back itself. */
export function standing(changes: readonly FloorChange[]): Exclude<FloorChange, { is: 'taken back' }>[] {
  const back = new Set(changes.flatMap((c) => (c.is === 'taken back' ? [c.of] : [])));
  return changes.filter((c) => c.is !== 'taken back').filter((c) => !back.has(c.id));
}

/** What a change of the floor does to a session. */
function asEdit(edit: FloorEdit): Edit {
  switch (edit.do) {
    case 'become':
      return {
        do: 'line',
        line: edit.line,
        patch: {
          movement: edit.movement,
          own: edit.own ?? undefined,
          rig: edit.rig,
          pins: undefined,
          hung: undefined,
          percentOf: undefined,
          cues: null,
          loadKg: edit.loadKg,
        },
      };
    case 'set up':
      return { do: 'line', line: edit.line, patch: { rig: edit.rig } };
    case 'effort':
      return { do: 'line', line: edit.line, patch: { reserve: edit.reserve } };
    case 'load':
      return { do: 'line', line: edit.line, patch: { loadKg: edit.loadKg, percentOf: undefined } };
    case 'sets':
      return { do: 'line', line: edit.line, patch: { scheme: edit.scheme } };
    case 'rest':
      return { do: 'line', line: edit.line, patch: { restS: edit.restS } };
    case 'drop':
      return { do: 'remove line', line: edit.line };
    case 'pair':
      return { do: 'pair', line: edit.line, with: edit.with };
    case 'move':
      return { do: 'move line', line: edit.line, to: edit.to };
  }
}

/**
 * An edit of a session as changes of the floor: only what may be changed there. Throws an Error for any other.
 * `floorEditsOf({ do: 'remove line', line: 'a' })` gives `[{ do: 'drop', line: 'a' }]`.
 */
export function floorEditsOf(edit: Edit): FloorEdit[] {
  switch (edit.do) {
    case 'all':
      return edit.edits.flatMap(floorEditsOf);
    case 'remove line':
      return [{ do: 'drop', line: edit.line }];
    case 'pair':
      return [{ do: 'pair', line: edit.line, with: edit.with }];
    case 'move line':
      return [{ do: 'move', line: edit.line, to: edit.to }];
    // The minutes a session has are the coach's: what fits into fewer is in the other edits.
    case 'head':
      return [];
    case 'line': {
      const { movement, own, rig, loadKg, scheme, restS, reserve } = edit.patch;
      const found: FloorEdit[] = [];
      if (movement !== undefined && rig !== undefined)
        found.push({
          do: 'become',
          line: edit.line,
          movement,
          own: own ?? null,
          rig,
          loadKg: typeof loadKg === 'number' ? loadKg : null,
        });
      else {
        if (rig !== undefined) found.push({ do: 'set up', line: edit.line, rig });
        if (typeof loadKg === 'number') found.push({ do: 'load', line: edit.line, loadKg });
      }
      if (reserve !== undefined) found.push({ do: 'effort', line: edit.line, reserve });
      if (scheme !== undefined) found.push({ do: 'sets', line: edit.line, scheme });
      if (restS !== undefined) found.push({ do: 'rest', line: edit.line, restS });
      if (found.length > 0) return found;
      break;
    }
    default:
  }
  throw new Error(`“${edit.do}” is no change of the floor.`);
}

const remembered = new WeakMap<Session, Session>();

/** The session as it is run: the plan with what was changed on the floor. The plan given is not touched. */
export function asRun(session: Session): Session {
  if (!session.changes || session.changes.length === 0) return session;
  let run = remembered.get(session);
  if (!run) {
    const edits = standing(session.changes).flatMap((c) => (c.is === 'edits' ? c.edits.map(asEdit) : []));
    remembered.set(session, (run = applyEdit(session, { do: 'all', edits })));
  }
  return run;
}

/** Why each set that was left out was, by line and set ("bench 2"); `sets`: how many a line has. */
export function leftOut(session: Session, sets: (line: string) => number): Map<string, string> {
  const why = new Map<string, string>();
  for (const c of standing(session.changes ?? []))
    if (c.is === 'left out')
      for (const set of c.sets ?? Array.from({ length: sets(c.line) }, (_, i) => i))
        why.set(`${c.line} ${set}`, c.why);
  return why;
}

/** What was done in place of what was planned. */
export const swapsOf = (session: Session): Done['swaps'] =>
  standing(session.changes ?? [])
    .flatMap((c) => (c.is === 'edits' && c.swap ? [{ ...c.swap, why: c.why }] : []))
    .slice(-40);
