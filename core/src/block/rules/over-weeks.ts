import { massText } from '../../units';
import { choicesOf } from '../../loads';
import type { Measured, MeasuredLine } from '../../measure';
import { waysOn } from '../../review';
import { bySession, followed, onlyBlock, stopsOf } from '../asking';
import type { Rotation } from '../document';
import type { BlockRule } from '../model';

/** Weeks on end without a lighter one. Common practice: four to six, then one. */
const MOST_ON_END = 6;

export const noLightWeek: BlockRule = {
  id: 'no-light-week',
  title: 'Too long without a lighter week',
  severity: 'note',
  ground: 'common practice',
  about: 'More than six weeks on end without a lighter one, of the block as it is written.',
  look: ({ block }, { week }) => {
    let run = 0;
    for (let w = week; w >= 0 && !block.weeks[Math.min(w, block.weeks.length - 1)]!.light; w -= 1) run += 1;
    const isEnd = run === MOST_ON_END + 1;
    if (!isEnd || week >= block.weeks.length) return [];
    return [
      {
        about: `from ${week}`,
        on: [],
        what: `Week ${week + 1} is the seventh without a lighter one.`,
        why: 'Fatigue that builds over weeks hides what was gained; a week of half the sets lets it show.',
        fixes: () => [
          {
            label: `Make week ${week + 1} a lighter one`,
            change: () =>
              onlyBlock({
                weeks: block.weeks.map((w, i) => (i === week ? { sets: 0, reserve: 0, light: true } : w)),
              }),
          },
        ],
      },
    ];
  },
};

/** A change of movement so many weeks later, its end with it. */
const moved = (r: Rotation, by: number): Rotation => ({
  ...r,
  fromWeek: r.fromWeek + by,
  backIn: r.backIn === null ? null : Math.max(1, r.backIn + by),
});

export const changedTogether: BlockRule = {
  id: 'changed-together',
  title: 'More than one movement changed at once',
  severity: 'note',
  ground: 'common practice',
  about: 'Two movements of one session are changed for others in the same week.',
  look: ({ block, context }, { week }) => {
    const bySessions = new Map<string, number[]>();
    block.rotations.forEach((r, i) => {
      if (r.fromWeek === week && week > 0)
        bySessions.set(r.session, [...(bySessions.get(r.session) ?? []), i]);
    });
    return [...bySessions].flatMap(([id, at]) =>
      at.length < 2
        ? []
        : [
            {
              about: id,
              on: [],
              what: `${at.length} movements of ${context.sessions[id]?.title ?? 'a session'} change in the same week.`,
              why: 'With everything new at once nobody can tell what moved, and every load is a guess. One at a time.',
              fixes: () => [
                {
                  label: `Change the second a week ${week + 1 < block.weeks.length ? 'later' : 'earlier'}`,
                  change: () =>
                    onlyBlock({
                      rotations: block.rotations.map((r, i) =>
                        i === at[1] ? moved(r, week + 1 < block.weeks.length ? 1 : -1) : r,
                      ),
                    }),
                },
              ],
            },
          ],
    );
  },
};

/** The heaviest there is, and every set at the top of its range. */
function isAtTheEnd({ context }: Measured, m: MeasuredLine): boolean {
  const choices = choicesOf(context.kit, m.movement);
  if (m.movement.load.kind !== 'external' || !choices || choices.length < 2) return false;
  const most = Math.max(...choices.map((c) => c.kg));
  return (
    m.sets[0]?.kg === most &&
    m.sets.every((s) => s.expectedReps !== null && s.expectedReps >= s.target.reps.hi)
  );
}

export const kitEnds: BlockRule = {
  id: 'kit-ends',
  title: 'The kit ends on the way',
  severity: 'note',
  ground: 'mechanics',
  about: 'A load that goes up step by step comes to the heaviest this gym has.',
  look: (_block, week) =>
    week.days.flatMap((d) => {
      if (d.placed.state !== 'planned' || !d.measured || followed(d) === null) return [];
      const lines = d.measured.lines.filter((m) => isAtTheEnd(d.measured!, m));
      const [one] = lines;
      if (!one) return [];
      const what = lines.length === 1 ? `${one.name} outgrows` : `${lines.length} movements outgrow`;
      return [
        {
          about: `${followed(d)!} ${lines.length === 1 ? one.id : 'several'}`,
          on: [d.training.id],
          what: `${what} the ${massText(one.sets[0]!.kg!, d.measured.context.client.unit)} here on ${d.training.name}.`,
          why: 'It is the heaviest there is, with every set at the top of its range. Lowered slower, held in the stretch, done as one-and-a-half reps or for more of them, or with another implement, it stays hard enough.',
          fixes: () =>
            bySession(
              d,
              lines.flatMap((m) => waysOn(d.measured!, m)),
            ),
        },
      ];
    }),
};

/** Questions for the client, not for the plan: handing over asks them. */
const askedElsewhere = new Set(['health-screen', 'ask-first']);

export const dayStops: BlockRule = {
  id: 'day-stops',
  title: 'What a week makes of a session is unsafe',
  severity: 'stop',
  ground: 'common practice',
  about:
    'The review of a session as a week has it, with its sets, reserve and loads, says stop. Health questions that are open are asked when the session is handed over.',
  look: (block, week) =>
    week.days.flatMap((d) => {
      if (d.placed.state !== 'planned' || !d.measured) return [];
      return stopsOf(d.measured)
        .filter((f) => !askedElsewhere.has(f.rule))
        .map((f) => ({
          about: `${followed(d) ?? d.placed.day} ${f.key}`,
          on: [d.training.id],
          what: `${d.training.name}: ${f.what}`,
          why: f.why,
          fixes: () => [
            ...(week.rule.reserve < 0
              ? [
                  {
                    label: 'Leave as much in reserve that week as the session says',
                    change: () =>
                      onlyBlock({
                        weeks: block.block.weeks.map((w, i) => (i === week.week ? { ...w, reserve: 0 } : w)),
                      }),
                  },
                ]
              : []),
            ...bySession(d, f.drafts()),
          ],
        }));
    }),
};

export const sessionMissing: BlockRule = {
  id: 'session-missing',
  title: 'A day without its session',
  severity: 'watch',
  ground: 'common practice',
  about: 'A training day names a session that was deleted or never made.',
  look: (_block, week) =>
    week.days
      .filter((d) => d.isMissing && d.placed.state === 'planned')
      .map((d) => ({
        about: d.training.id,
        on: [d.training.id],
        what: `${d.training.name} has no session yet.`,
        why: 'Put one on the day, or write the day in short form, so that the week can be counted.',
      })),
};
