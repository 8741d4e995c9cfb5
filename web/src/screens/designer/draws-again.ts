import { memo, type FunctionComponent } from 'react';
import type { Designer } from '../../state/use-designer';

/** What a pane may draw of the designer; its doings (`edit`, `select`, `undo`) are the same ones always. */
const reads = {
  session: (d: Designer) => d.session,
  /** Lines, doses and clock come of one appraisal; the remedies of its findings come later and by themselves. */
  measured: (d: Designer) => d.appraisal.lines,
  findings: (d: Designer) => d.appraisal.findings,
  context: (d: Designer) => d.context,
  selected: (d: Designer) => d.selected,
  asked: (d: Designer) => d.asked,
  saving: (d: Designer) => d.save,
  undoing: (d: Designer) => `${d.canUndo} ${d.canRedo} ${d.stepsBack}`,
} as const;

/** What nearly every pane draws. */
export const work = ['session', 'measured', 'context', 'selected'] as const;

/**
 * A pane that is drawn again only when one of the parts it draws is another: remedies and the saving of a session come
 * several times a second.
 *
 * @example export const Notes = drawsAgain(NotesPane, ...work);
 */
export const drawsAgain = <P extends { designer: Designer }>(
  pane: FunctionComponent<P>,
  ...parts: readonly (keyof typeof reads)[]
): FunctionComponent<P> =>
  memo(pane, ({ designer: a, ...before }, { designer: b, ...after }) => {
    const others = after as Record<string, unknown>;
    return (
      parts.every((part) => reads[part](a) === reads[part](b)) &&
      Object.entries(before).every(([name, value]) => Object.is(value, others[name]))
    );
  });
