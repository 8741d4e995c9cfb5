import type { Appraisal } from '../appraise';
import { movementOf } from '../movements';
import type { LoadedSet } from '../loads';
import type { Context, MeasuredLine } from '../measure';
import { schemeText, schemeWords, type Session, tempoText, tempoWords } from '../session';
import { dayWords, durationWords, massText } from '../units';
import { cuesFor } from './cues';
import { loadText, marksText } from './load-words';

/** What one printed page of a session says. Everything is text, ready to be set. */
export interface Sheet {
  title: string;
  /** The day it is planned for, or empty to be written in. */
  date: string;
  client: string;
  where: string;
  minutes: string;
  warmup: { name: string; dose: string }[];
  /** The tempo most movements share, in words; a movement names its own only where it differs. */
  tempo: string | null;
  blocks: SheetBlock[];
  stopSigns: string;
  before: string;
  medical: string;
}

export interface SheetBlock {
  /** "Superset: one set of each in turn." for more than one movement. */
  how: string | null;
  lines: SheetLine[];
}

export interface SheetLine {
  name: string;
  setup: string;
  sets: string;
  /** How the sets go, a sentence or two; empty for plain ones. */
  how: string;
  /** Empty where no load is chosen. */
  load: string;
  /** Nothing to go by yet: the first set finds the load. */
  findsLoad: boolean;
  ramp: string | null;
  /** Empty where the scheme says it. */
  reserve: string;
  /** Null where it is the sheet's. */
  tempo: string | null;
  rest: string;
  cues: string[];
  note: string;
  /** One field a working set to write in what was done; a set in stages says how many figures it wants. */
  done: { set: number; figures: number }[];
}

export const stopSigns =
  'pain is sharp or comes on suddenly, something pops or tears in shoulder or chest, a limb tingles or goes numb, the chest hurts, you are dizzy or cannot get your breath. Put the load down and get medical help as is done where you train.';
const beforeYouStart =
  'Kick heavy bells up from the thighs and bring them down by way of the thighs. Wrap the thumb round whatever you hold. Use collars, except benching alone without safety arms. A rep that has to be bounced is over.';
export const medicalSentence =
  'This plan comes from your coach. It is not medical advice and does not clear you to train; ask a clinician about pain, illness or medicines.';

const numbers = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/** "one rep", "two reps", "two or three reps" for what lies between. */
function reserveNumber(n: number): string {
  if (n === 0) return 'none';
  if (n < 1) return 'at most one rep';
  if (n === 1) return 'one rep';
  const [lo, hi] = [numbers[Math.floor(n)]!, numbers[Math.ceil(n)]!];
  return `${lo === hi ? lo : `${lo} or ${hi}`} reps`;
}

/** "Stop with three reps left on the first set, one on the last." */
export function reserveWords(line: { reserve: { first: number; last: number } }): string {
  const { first, last } = line.reserve;
  if (first === last)
    return last === 0 ? 'Go until the form would break' : `Stop with ${reserveNumber(last)} left`;
  const end = last === 0 ? 'until the form would break on the last' : `${reserveNumber(last)} on the last`;
  return `Stop with ${reserveNumber(first)} left on the first set, ${end}`;
}

function setsWords(m: MeasuredLine): string {
  const text = schemeText(m.line.scheme).replace(' each its own', '');
  const sets = /^\d+(–\d+)?$/.test(text) ? `1 × ${text}` : text;
  return `${sets}${m.movement.oneSided ? ' a side' : ''}`;
}

/** How the sets go where sets and reps do not say it all, and what is done between them. */
function howWords(m: MeasuredLine): string {
  const { line } = m;
  const said = [schemeWords(line.scheme)];
  if (line.squeezeS) said.push(`Between sets: squeeze hard for ${line.squeezeS} seconds and keep breathing.`);
  return said.filter(Boolean).join(' ');
}

const tempoSaid = (m: MeasuredLine): string => `${tempoText(m.line.tempo)}: ${tempoWords(m.line.tempo)}`;

/** The tempo said most often; null without movements. */
function commonTempo(lines: readonly MeasuredLine[]): string | null {
  const counts = new Map<string, number>();
  for (const m of lines) counts.set(tempoSaid(m), (counts.get(tempoSaid(m)) ?? 0) + 1);
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? null;
}

function sheetLine(m: MeasuredLine, context: Context, rest: string, shared: string | null): SheetLine {
  const { unit } = context.client;
  const each = m.movement.load.kind === 'external' && m.movement.load.perHand ? ' each' : '';
  return {
    name: m.name,
    setup: m.detail,
    sets: setsWords(m),
    how: howWords(m),
    findsLoad: m.movement.load.kind === 'external' && m.sets.some((set) => set.kg === null),
    load: `${loadText(m, unit)}${marksText(m, unit)}`,
    ramp:
      m.ramps.length > 0 ? m.ramps.map((r) => `${massText(r.kg, unit)}${each} × ${r.reps}`).join(', ') : null,
    reserve: ['to failure', 'hold'].includes(m.line.scheme.kind) ? '' : reserveWords(m.line),
    tempo: tempoSaid(m) === shared ? null : tempoSaid(m),
    rest,
    cues: cuesFor(m, context),
    note: m.line.note,
    done: doneFields(m.sets),
  };
}

/** A field for every working set. */
function doneFields(sets: readonly LoadedSet[]): SheetLine['done'] {
  const figures = new Map<number, number>();
  for (const { target } of sets) figures.set(target.set, (figures.get(target.set) ?? 0) + 1);
  return [...figures].map(([set, n]) => ({ set: set + 1, figures: n }));
}

/** What coaches call so many movements done in turn. */
const roundName = (movements: number): string =>
  movements === 2 ? 'Superset' : movements === 3 ? 'Tri-set' : 'Giant set';

/** The sheet of an appraised session, loads in the client's unit. */
export function makeSheet(session: Session, appraisal: Appraisal, context: Context): Sheet {
  const { client, kit } = context;
  const byId = new Map(appraisal.lines.map((l) => [l.id, l]));
  const tempo = commonTempo(appraisal.lines);
  return {
    tempo,
    title: session.title,
    date: session.date === null ? '' : dayWords(session.date),
    client: client.name,
    where: kit.name,
    minutes: `about ${Math.round(appraisal.totals.minutes)} minutes`,
    warmup: session.warmup.map((w) => ({
      name: movementOf(w.movement).variants[0]!.name,
      dose:
        w.seconds !== null
          ? `${w.sets > 1 ? `${w.sets} × ` : ''}${durationWords(w.seconds)}`
          : `${w.sets} × ${w.reps ?? 10}`,
    })),
    blocks: session.blocks.map((b) => ({
      how:
        b.kind === 'single'
          ? null
          : `${roundName(b.lines.length)}: one set of each in turn${b.betweenS > 0 ? `, ${b.betweenS} s between` : ''}, rest after the round.`,
      lines: b.lines.map((l, i) => {
        const last = i === b.lines.length - 1;
        return sheetLine(
          byId.get(l.id)!,
          context,
          b.kind !== 'single' && !last ? 'go to the next' : durationWords(l.restS),
          tempo,
        );
      }),
    })),
    stopSigns,
    before: beforeYouStart,
    medical: medicalSentence,
  };
}
