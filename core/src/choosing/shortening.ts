import type { Context } from '../measure/context';
import { measure } from '../measure/measure';
import type { Measured, MeasuredLine } from '../measure/model';
import { applyEdit, type Edit } from '../session/edits';
import type { Session } from '../session/document';
import { setCountOf, withSetCount } from '../session/schemes';
import { shortages } from './at-once';
import { atOneGo } from '../units/steps';
import { sameRegions } from './overlap';
import { worthOf } from './worth';

/** Two movements this far alike tire each other too much to be done in turn. Own estimate. */
const TOO_ALIKE = 0.5;
/** A step that saves less than this is none, minutes. */
const LEAST_SAVED = 0.2;
const MOST_STEPS = 60;

const lineOf = (m: Measured, id: string): MeasuredLine => m.lines.find((l) => l.id === id)!;

/** Neighbours that can be done in turn: neither the first heavy lift, unlike each other, and the kit is enough. */
function pairs(m: Measured): Edit[] {
  const { blocks } = m.session;
  return blocks.slice(1).flatMap((block, i): Edit[] => {
    const next = blocks[i + 2];
    if (!next || block.lines.length > 1 || next.lines.length > 1) return [];
    const both = [lineOf(m, block.lines[0]!.id), lineOf(m, next.lines[0]!.id)] as const;
    const apart = sameRegions(both[0].credits, both[1].credits) < TOO_ALIKE;
    return apart && shortages(m, both).length === 0
      ? [{ do: 'pair', line: both[0].id, with: both[1].id }]
      : [];
  });
}

/** Ways to save time, each as one edit: a set less, a movement less, two movements in turn. */
function savings(m: Measured): Edit[] {
  const fewer = m.lines.flatMap((l): Edit[] => {
    const sets = setCountOf(l.line.scheme);
    const drop: Edit[] =
      sets > 1 ? [{ do: 'line', line: l.id, patch: { scheme: withSetCount(l.line.scheme, sets - 1) } }] : [];
    // A movement is left out whole only when little of it remains.
    return sets <= 2 && m.lines.length > 1 ? [...drop, { do: 'remove line', line: l.id }] : drop;
  });
  return [...fewer, ...pairs(m)];
}

const minutesOf = (m: Measured): number => m.timeline.totalS / 60;

/**
 * One edit that brings a session under so many minutes, step by step what costs least of its worth for a
 * minute saved: movements done in turn, sets, at last movements. As short as it goes where that is not
 * enough; null where nothing has to change. Stops after every try, so that a screen can be drawn between.
 */
export function* shortening(
  session: Session,
  context: Context,
  minutes: number,
): Generator<void, Edit | null> {
  let now = measure(session, context);
  const edits: Edit[] = [];
  while (minutesOf(now) > minutes && edits.length < MOST_STEPS) {
    const tried: { edit: Edit; then: Measured; price: number }[] = [];
    for (const edit of savings(now)) {
      const then = measure(applyEdit(now.session, edit), context);
      const saved = minutesOf(now) - minutesOf(then);
      if (saved >= LEAST_SAVED) tried.push({ edit, then, price: (worthOf(now) - worthOf(then)) / saved });
      yield;
    }
    if (tried.length === 0) break;
    const best = tried.reduce((a, b) => (b.price < a.price ? b : a));
    edits.push(best.edit);
    now = best.then;
  }
  return edits.length === 0
    ? null
    : { do: 'all', edits: [...edits, { do: 'head', patch: { minutes: Math.max(10, minutes) } }] };
}

/** The same at one go. */
export const shortened = (session: Session, context: Context, minutes: number): Edit | null =>
  atOneGo(shortening(session, context, minutes));
