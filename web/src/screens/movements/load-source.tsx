import { dayWords, massText, roughMass } from '@drimbo/core/units';
import { clientMax, type Context } from '@drimbo/core/measure';
import type { Movement, Rig } from '@drimbo/core/movements';
import { type Logged, ratioAt } from '@drimbo/core/strength';
import type { ReactNode } from 'react';
import { Notes } from './notes';

const liftNames = { bench: 'flat barbell press', overhead: 'strict standing press', dip: 'dip' } as const;

/** Where a load comes from when nothing is logged, in words. */
function borrowedWords(movement: Movement, rig: Rig): string {
  if (movement.load.kind === 'none') return 'No load is chosen for it.';
  if (movement.load.kind === 'bodyweight')
    return 'A share of the bodyweight moves; measured shares, straight lines between.';
  const at = ratioAt(movement, rig);
  if (!at) return 'There is no honest guess: the first set finds the load.';
  return `Without sets of its own it borrows: ${liftNames[at.lift]} max × ${at.ratio.toFixed(2)}, give or take ${at.spread.toFixed(2)}${movement.load.perHand ? ', for one hand' : ''}. Common practice, wide on purpose.`;
}

function byDay(records: readonly Logged[]): [string, Logged[]][] {
  const days = new Map<string, Logged[]>();
  for (const r of records) days.set(r.date, [...(days.get(r.date) ?? []), r]);
  return [...days].sort((a, b) => b[0].localeCompare(a[0]));
}

/** What a client's max for this movement is today and why, and what they have done of it. */
export function LoadSource({
  movement,
  rig,
  context,
}: {
  movement: Movement;
  rig: Rig;
  context: Context | null;
}): ReactNode {
  const max = context ? clientMax(movement, rig, context) : null;
  const unit = context?.client.unit ?? 'kg';
  const done = context ? byDay(context.logged.filter((r) => r.movement === movement.id)).slice(0, 5) : [];
  return (
    <Notes>
      {max && max.basis !== 'calibrate' && (
        <p>
          <b>
            {context!.client.name}: max today about {roughMass(max.kg, unit)}
          </b>{' '}
          <span className="soft">
            ± {Math.round(max.spread * 100)} %, {max.basis}.{' '}
            {max.terms
              .slice(0, 2)
              .map((t) => t.says)
              .join('; ')}
            .
          </span>
        </p>
      )}
      <p className="soft">{borrowedWords(movement, rig)}</p>
      {context && done.length === 0 && <p className="soft">{context.client.name} has not logged it yet.</p>}
      {done.map(([day, sets]) => (
        <p key={day} className="soft">
          <b>{dayWords(day)}</b> {sets.map((s) => `${massText(s.loadKg, unit)} × ${s.reps}`).join(', ')}
        </p>
      ))}
    </Notes>
  );
}
