import { leadVoice } from '../../anatomy';
import { creditsOf } from '../../mechanics';
import { changeLine, insteadOf, isAlike, likeness, SAME_JOB } from '../../review';
import { differentJob, jobOf, jobOfEntry, kindEntries, limitsMet, usualness } from '../../choosing';
import type { MeasuredLine } from '../../measure';
import { findEntry } from '../../movements';
import { missingFor } from '../../kit';
import { becoming, kindOf, promisedReps } from '../../session';
import {
  bySession,
  bothDays,
  firstHeavy,
  followed,
  isOverhead,
  onlySession,
  pairsOf,
  pushDays,
} from '../asking';
import { listed, sentenceList } from '../../units';
import type { BlockFixDraft, BlockRule, MeasuredDay, WeekDraft } from '../model';

type Compared = (first: MeasuredDay, second: MeasuredDay) => Omit<WeekDraft, 'about' | 'on'>[];

/** Looks at every two push days of a week that use different sessions. */
const ofPairs =
  (compare: Compared): BlockRule['look'] =>
  (_block, week) =>
    pairsOf(pushDays(week)).flatMap(([a, b]) =>
      compare(a, b).map((draft) => ({
        ...draft,
        about: [followed(a)!, followed(b)!].sort().join(' '),
        on: [a.training.id, b.training.id],
      })),
    );

/** An entry in the place of a line, where the gym has it and no limit of the client speaks against it. */
function becomes(d: MeasuredDay, m: MeasuredLine, entryIds: readonly string[]): BlockFixDraft[] {
  const { client, kit } = d.measured!.context;
  const there = entryIds
    .map((id) => findEntry(id)!)
    .filter((e) => missingFor(kit, e.movement, e.rig) === null);
  return kindEntries(there, client)
    .filter((e) => !d.measured!.lines.some((l) => isAlike(jobOf(l), jobOfEntry(e), SAME_JOB)))
    .map((e) => ({
      label: `${e.name} in place of ${m.name.toLowerCase()} on ${d.training.name}`,
      change: () => onlySession(followed(d)!, changeLine(m.id, becoming(e))),
    }));
}

/** The overhead press the day has comes first; else one takes the place of the press that leads. */
function overheadFirst(d: MeasuredDay): BlockFixDraft[] {
  const lead = firstHeavy(d)!;
  const own = d.measured!.lines.find((m) => m !== lead && m.movement.compound && isOverhead(m));
  if (own)
    return [
      {
        label: `${own.name} first on ${d.training.name}`,
        change: () =>
          onlySession(followed(d)!, {
            do: 'move line',
            line: own.id,
            to: d.measured!.session.blocks.findIndex((b) => b.lines.some((l) => l.id === lead.id)),
          }),
      },
    ];
  return becomes(d, lead, ['seated-dumbbell-press', 'standing-barbell-press', 'machine-overhead-press']);
}

export const samePlane: BlockRule = {
  id: 'same-plane',
  title: 'Both push days lead with the same kind of press',
  severity: 'note',
  ground: 'common practice',
  about: 'Two push days of one week that both begin with a chest press, or both with an overhead press.',
  look: ofPairs((a, b) => {
    const [first, second] = [firstHeavy(a)!, firstHeavy(b)!];
    // A chest day leads with the chest, a day for the shoulders overhead.
    if ([a, b].some((d) => kindOf(d.measured!.session) !== 'push')) return [];
    if (isOverhead(first) !== isOverhead(second)) return [];
    const isChest = !isOverhead(first);
    return [
      {
        what: `${bothDays(a, b)} both lead ${isChest ? 'from the chest' : 'overhead'}.`,
        why: `${first.name} and ${second.name.toLowerCase()}. Heaviest and freshest work goes to what comes first; a day that leads with the chest and one that leads overhead give both their turn.`,
        fixes: () =>
          isChest
            ? [...overheadFirst(b), ...overheadFirst(a)]
            : [
                ...becomes(b, second, [
                  'incline-dumbbell-press',
                  'barbell-bench-press',
                  'dumbbell-bench-press',
                ]),
                ...becomes(a, first, [
                  'incline-dumbbell-press',
                  'barbell-bench-press',
                  'dumbbell-bench-press',
                ]),
              ],
      },
    ];
  }),
};

export const sameImplement: BlockRule = {
  id: 'same-implement',
  title: 'Both push days lead with the same implement',
  severity: 'note',
  ground: 'common practice',
  about: 'The first presses of two push days use the same kind of bar, bells, machine or cable.',
  look: ofPairs((a, b) => {
    const [first, second] = [firstHeavy(a)!, firstHeavy(b)!];
    if (first.movement.implement !== second.movement.implement) return [];
    const swapped = (d: MeasuredDay, m: MeasuredLine): BlockFixDraft[] =>
      bySession(d, insteadOf(m, d.measured!, { other: 'kit', kindTo: null }, 2));
    return [
      {
        what: `${bothDays(a, b)} both lead with ${first.movement.implement === 'barbell' ? 'the bar' : `the ${first.movement.implement}`}.`,
        why: 'Another implement is heavy at another place, asks other small muscles, and spares what the first one wears.',
        fixes: () => [...swapped(b, second), ...swapped(a, first)],
      },
    ];
  }),
};

/** Elbow extensions with the arm up train the long head, those with the arm down the other two. */
const extensions = (d: MeasuredDay): { up: MeasuredLine[]; down: MeasuredLine[] } => {
  const all = d.measured!.lines.filter((m) => m.movement.pattern.startsWith('elbow'));
  return {
    up: all.filter((m) => m.movement.pattern !== 'elbow down'),
    down: all.filter((m) => m.movement.pattern === 'elbow down'),
  };
};

export const sameTriceps: BlockRule = {
  id: 'same-triceps',
  title: 'Triceps from the same side on both push days',
  severity: 'note',
  ground: 'published',
  about:
    'Two push days train the elbow only with the arm overhead or lying, or only with it down. Overhead work grew the long head more (Maeo et al. 2023, from memory).',
  look: ofPairs((a, b) => {
    const [x, y] = [extensions(a), extensions(b)];
    const has = (side: 'up' | 'down'): boolean => x[side].length + y[side].length > 0;
    if (has('up') === has('down') || x.up.length + x.down.length === 0 || y.up.length + y.down.length === 0)
      return [];
    const missing = has('up') ? 'down' : 'up';
    const entries =
      missing === 'down'
        ? ['pushdown']
        : ['cable-overhead-extension', 'overhead-extension', 'lying-triceps-extension'];
    const last = (e: typeof x): MeasuredLine => (missing === 'down' ? e.up : e.down).at(-1)!;
    return [
      {
        what: `${bothDays(a, b)} train triceps with the arm ${missing === 'down' ? 'up' : 'down'} only.`,
        why:
          missing === 'down'
            ? 'With the arm up the long head does most; with it down the lateral and medial heads get theirs.'
            : 'The long head is only stretched, and only fully used, with the arm up (Maeo et al. 2023).',
        fixes: () => [...becomes(b, last(y), entries), ...becomes(a, last(x), entries)],
      },
    ];
  }),
};

export const sameRanges: BlockRule = {
  id: 'same-reps',
  title: 'Both push days lead in the same rep range',
  severity: 'note',
  ground: 'common practice',
  about: 'The first presses of two push days ask for nearly the same repetitions.',
  look: ofPairs((a, b) => {
    const range = (m: MeasuredLine): { lo: number; hi: number } | null => {
      const reps = promisedReps(m.line);
      return reps.length === 0
        ? null
        : { lo: Math.min(...reps.map((r) => r.lo)), hi: Math.max(...reps.map((r) => r.hi)) };
    };
    const [first, second] = [firstHeavy(a)!, firstHeavy(b)!];
    const [x, y] = [range(first), range(second)];
    if (!x || !y || Math.abs(x.lo - y.lo) > 1 || Math.abs(x.hi - y.hi) > 1) return [];
    const other = x.lo >= 8 ? { lo: 5, hi: 8 } : { lo: 8, hi: 12 };
    const turned = (d: MeasuredDay, m: MeasuredLine): BlockFixDraft[] =>
      m.line.scheme.kind === 'straight'
        ? [
            {
              label: `${other.lo}–${other.hi} on the ${m.name.toLowerCase()} of ${d.training.name}`,
              change: () =>
                onlySession(
                  followed(d)!,
                  changeLine(m.id, { scheme: { ...m.line.scheme, reps: other } as never, loadKg: null }),
                ),
            },
          ]
        : [];
    return [
      {
        what: `${bothDays(a, b)} both lead with ${x.lo === x.hi ? x.lo : `${x.lo}–${x.hi}`} reps.`,
        why: 'Heavier on one day and longer sets on the other train both, and one day wears the joints less.',
        fixes: () => [...turned(b, second), ...turned(a, first)],
      },
    ];
  }),
};

/** More of the movements than this alike make two days one. */
const MOST_ALIKE = 0.5;

/** How usual a movement has to be to be proposed. Own estimate. */
const ORDINARY = 0.4;
const kindOfPattern = ({ pattern }: MeasuredLine['movement']): string =>
  pattern.startsWith('elbow') ? 'elbow' : pattern;

/** Movements of the second day that add most to the first take the places of those that repeat it. */
function turnedAway(a: MeasuredDay, b: MeasuredDay, same: readonly MeasuredLine[]): BlockFixDraft[] {
  const needed = Math.max(1, same.length - Math.floor(b.measured!.lines.length * MOST_ALIKE));
  const others = differentJob(a.measured!, likeness, 60).filter(
    ({ entry }) =>
      entry.movement.family !== 'corrective' &&
      limitsMet(entry.movement, entry.rig, b.measured!.context.client.limits).length === 0 &&
      !b.measured!.lines.some((l) => isAlike(jobOf(l), jobOfEntry(entry), SAME_JOB)),
  );
  const taken = new Set<string>();
  const pairs = same.slice(-needed).flatMap((m) => {
    // Chest for chest, shoulders for shoulders.
    const other = others.find(
      ({ entry }) =>
        !taken.has(entry.movement.id) &&
        leadVoice(creditsOf(entry.movement, entry.rig)) === m.voice &&
        kindOfPattern(entry.movement) === kindOfPattern(m.movement) &&
        entry.movement.compound === m.movement.compound &&
        usualness(entry) >= ORDINARY,
    );
    if (!other) return [];
    taken.add(other.entry.movement.id);
    return [{ m, entry: other.entry }];
  });
  if (pairs.length < needed) return [];
  return [
    {
      label: `Put ${listed(pairs.map(({ m, entry }) => `${entry.name.toLowerCase()} in place of ${m.name.toLowerCase()}`))} on ${b.training.name}`,
      change: () =>
        onlySession(followed(b)!, {
          do: 'all',
          edits: pairs.map(({ m, entry }) => changeLine(m.id, becoming(entry))),
        }),
    },
  ];
}

export const sameDayTwice: BlockRule = {
  id: 'same-day-twice',
  title: 'Two push days that are one done twice',
  severity: 'watch',
  ground: 'mechanics',
  about:
    'More than half of the movements of one push day do a job that one of the other already does: same regions, angle and place where it is hard.',
  look: ofPairs((a, b) => {
    const work = (d: MeasuredDay): MeasuredLine[] =>
      d.measured!.lines.filter((m) => m.movement.family !== 'corrective');
    const same = work(b).filter((m) => work(a).some((l) => isAlike(jobOf(l), jobOf(m), SAME_JOB)));
    if (work(b).length < 3 || same.length <= work(b).length * MOST_ALIKE) return [];
    return [
      {
        what: `${same.length} of ${work(b).length} movements repeat: ${bothDays(a, b)}.`,
        why: `${sentenceList(same.map((m) => m.name))}. A second day can bring other angles, implements and heads; the same one twice only adds sets.`,
        fixes: () => turnedAway(a, b, same),
      },
    ];
  }),
};
