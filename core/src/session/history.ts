import { beyondIn, isNoWorse } from './bounds';
import { sessionSchema, type Session } from './document';
import { applyEdit, inverseOf, type Edit } from './edits';

/** One thing done, with the way back and the way on. */
export interface Step {
  undo: Edit;
  redo: Edit;
  /** What was done, in words: "remove Chest dip". */
  says: string;
  /** Steps with the same key that follow each other count as one: typing in a cell. */
  key: string | null;
}

/** A session with everything that can be undone and redone. */
export interface History {
  present: Session;
  past: readonly Step[];
  future: readonly Step[];
  /** Why the last edit was not done; null where it was. */
  refused: string | null;
}

export const startHistory = (session: Session): History => ({
  present: session,
  past: [],
  future: [],
  refused: null,
});

/**
 * What the schema has against a session, in words; null where it has nothing. One that was beyond a bound before may be
 * so as far as it was; without a session before, however far.
 */
function against(session: Session, before?: Session): string | null {
  const { error } = sessionSchema.safeParse(session);
  if (!error) return null;
  const beyond = beyondIn(error, session);
  const was = before && sessionSchema.safeParse(before).error;
  const isFine = beyond !== null && (!before || (was && isNoWorse(beyond, beyondIn(was, before) ?? [])));
  return isFine ? null : error.issues[0]!.message;
}

/**
 * Does an edit. Edits that change nothing leave no step; one that would leave no valid session is refused
 * and changes nothing.
 */
export function commit(history: History, edit: Edit, says: string, key: string | null = null): History {
  const before = history.present;
  const after = applyEdit(before, edit);
  const undo = inverseOf(before, after);
  if (undo.do === 'put' && Object.keys(undo.values).length === 0) return history;
  const refused = against(after, before);
  if (refused) return { ...history, refused };
  const last = history.past[history.past.length - 1];
  if (key !== null && last?.key === key) {
    const whole = { ...last, redo: { do: 'all', edits: [last.redo, edit] } satisfies Edit };
    // The earlier step's undo already covers the parts this one touches when the keys agree.
    const covered =
      undo.do === 'put' && last.undo.do === 'put'
        ? { do: 'put' as const, values: { ...undo.values, ...last.undo.values } }
        : last.undo;
    return {
      present: after,
      past: [...history.past.slice(0, -1), { ...whole, undo: covered }],
      future: [],
      refused: null,
    };
  }
  return {
    present: after,
    past: [...history.past, { undo, redo: edit, says, key }],
    future: [],
    refused: null,
  };
}

/** The session after an edit of a step; null where the step does not fit it, or no longer can be read. */
function stepped(session: Session, edit: Edit): Session | null {
  try {
    const after = applyEdit(session, edit);
    return against(after) === null ? after : null;
  } catch {
    return null;
  }
}

const doesNotFit = 'this step no longer fits the session';

export function undo(history: History): History {
  const step = history.past[history.past.length - 1];
  if (!step) return history;
  const present = stepped(history.present, step.undo);
  if (!present) return { ...history, past: [], refused: doesNotFit };
  return {
    present,
    past: history.past.slice(0, -1),
    future: [step, ...history.future],
    refused: null,
  };
}

export function redo(history: History): History {
  const step = history.future[0];
  if (!step) return history;
  const present = stepped(history.present, step.redo);
  if (!present) return { ...history, future: [], refused: doesNotFit };
  return {
    present,
    past: [...history.past, { ...step, key: null }],
    future: history.future.slice(1),
    refused: null,
  };
}
