import { shortening } from '../../choosing';
import { measure } from '../../measure';
import { linesOf } from '../../session';
import { atOneGo } from '../../units';
import { followed, onlyBlock, onlySession } from '../asking';
import type {
  BlockChange,
  BlockFixDraft,
  BlockRule,
  MeasuredBlock,
  MeasuredDay,
  MeasuredWeek,
} from '../model';

/** Minutes over that a day is told from, and from which it is more than a note; the clock is an estimate. */
const OVER = 3;
const FAR_OVER = 10;
/** Movements up to which the best cuts are looked for. */
const MOST_FITTED = 12;

/** The minutes there are: the client's, or more where the coach gave the session more. */
const thereAre = ({ context }: MeasuredBlock, d: MeasuredDay): number =>
  Math.max(context.client.minutes, d.measured!.session.minutes);

/** What costs least of the session as it is written, by as much as that week's is over. */
function fitted(block: MeasuredBlock, d: MeasuredDay, id: string): BlockChange | null {
  const session = block.context.sessions[id];
  if (!session || linesOf(session).length > MOST_FITTED) return null;
  const { context } = d.measured!;
  const over = d.minutes! - thereAre(block, d);
  const goal = measure(session, context).timeline.totalS / 60 - over;
  const cuts = atOneGo(shortening(session, context, goal));
  return cuts?.do === 'all'
    ? onlySession(id, { do: 'all', edits: cuts.edits.filter((e) => e.do !== 'head') })
    : null;
}

function fixesFor(block: MeasuredBlock, week: MeasuredWeek, d: MeasuredDay, id: string): BlockFixDraft[] {
  const addsNone: BlockFixDraft = {
    label: 'Add no sets that week',
    change: () =>
      onlyBlock({ weeks: block.block.weeks.map((w, i) => (i === week.week ? { ...w, sets: 0 } : w)) }),
  };
  return [
    ...(week.rule.sets > 0 ? [addsNone] : []),
    {
      label: `Fit ${d.training.name} into ${thereAre(block, d)} minutes`,
      change: () => fitted(block, d, id),
    },
  ];
}

export const weekMinutes: BlockRule = {
  id: 'week-minutes',
  title: 'A day longer than there is time',
  severity: 'note',
  ground: 'common practice',
  about:
    'The minutes of a session as its week has it, with the sets the week adds, against those of the client, or of the session where it was given more. From three minutes over; from ten it is more than a note.',
  look: (block, week) => {
    const seen = new Set<string>();
    return week.days.flatMap((d) => {
      const id = followed(d);
      if (id === null || seen.has(id) || d.placed.state !== 'planned' || d.minutes === null || !d.measured)
        return [];
      seen.add(id);
      const there = thereAre(block, d);
      const over = Math.floor(d.minutes - there);
      if (over < OVER) return [];
      return [
        {
          about: id,
          on: [d.training.id],
          ...(over >= FAR_OVER ? { severity: 'watch' as const } : {}),
          what: `${d.training.name} takes ${Math.round(d.minutes)} minutes that week, of ${there}.`,
          why: 'What does not fit is skipped on the day, and it is the end that goes. An estimate from sets, rests and set-up.',
          fixes: () => fixesFor(block, week, d, id),
        },
      ];
    });
  },
};
