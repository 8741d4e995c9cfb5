import { type Credits, type RegionId, regionIds, regions } from '../anatomy';
import { allEntries, choiceKnobs, choiceWords, type Entry, type NumericKnob, type Rig } from '../movements';
import { schoolOf, schools, startingLine } from '../schools';
import {
  type Block,
  dayKinds,
  type Line,
  parseReserve,
  parseScheme,
  parseTempo,
  schoolIds,
  type Session,
  type WarmupItem,
} from '../session';
import { isDay, type MassUnit, parseDuration, toKg } from '../units';
import { BAR, knobWords, loadsWords, rampWords, unescaped, nameIn, type TextContext } from './session-words';

const numberWords = Object.entries(knobWords) as [NumericKnob, string][];

/** Settings in brackets behind a name; null when one of them makes no sense for the movement. */
function readRig(text: string, entry: Entry): Rig | null {
  const rig: Record<string, unknown> = { ...entry.rig };
  for (const part of text.split(', ')) {
    const numeric = numberWords.find(
      ([knob, word]) => part.startsWith(`${word} `) && entry.movement.knobs[knob],
    );
    const value = numeric && Number(part.slice(numeric[1].length + 1).replace('°', ''));
    if (numeric && Number.isFinite(value)) {
      rig[numeric[0]] = value;
      continue;
    }
    const knob = choiceKnobs.find((k) =>
      entry.movement.knobs[k]?.options.some((o) => choiceWords(k, o) === part),
    );
    if (!knob) return null;
    rig[knob] = entry.movement.knobs[knob]!.options.find((o) => choiceWords(knob, o) === part);
  }
  return rig as Rig;
}

const regionCalled = (name: string): RegionId | undefined =>
  regionIds.find((id) => regions[id].name.toLowerCase() === name);

/** One part of a written line; false when it is none of the forms. */
function takePart(part: string, line: Line, block: Block, { notebook }: TextContext): boolean {
  const [word, rest] = [part.split(' ')[0]!, part.slice(part.indexOf(' ') + 1)];
  switch (word) {
    case 'leave': {
      const reserve = parseReserve(rest);
      if (reserve) line.reserve = reserve;
      return reserve !== null;
    }
    case 'tempo': {
      const tempo = parseTempo(rest);
      if (tempo) line.tempo = tempo;
      return tempo !== null;
    }
    case 'rest': {
      const seconds = parseDuration(rest);
      if (seconds !== null) line.restS = seconds;
      return seconds !== null;
    }
    case 'between': {
      const m = /^(\d+) s$/.exec(rest);
      if (m) block.betweenS = Number(m[1]);
      return m !== null;
    }
    case 'keeps':
      block.held = true;
      return rest === 'its place';
    case 'hung': {
      const m = /^with ([1-6]) a side of (.+)$/.exec(rest);
      if (m) line.hung = { of: m[2]!, aSide: Number(m[1]) };
      return m !== null;
    }
    case 'squeeze': {
      const m = /^(\d+) s between$/.exec(rest);
      if (m) line.squeezeS = Number(m[1]);
      return m !== null;
    }
    case 'at': {
      const m = /^([\d., ]+) (kg|lb)( set by set)?$/.exec(rest);
      if (!m) return false;
      const kgs = m[1]!.split(', ').map((n) => Number(toKg(Number(n), m[2] as MassUnit).toFixed(4)));
      line.loadKg = m[3] ? kgs : kgs[0]!;
      return true;
    }
    case 'counts': {
      const pins: Credits = {};
      for (const pin of rest.split(', ')) {
        const at = pin.lastIndexOf(' ');
        const id = regionCalled(pin.slice(0, at));
        if (!id) return false;
        pins[id] = Number(pin.slice(at + 1));
      }
      line.pins = pins;
      return true;
    }
  }
  const loads = (['one', 'down'] as const).find((way) => loadsWords[way] === part);
  if (loads) {
    line.loads = loads;
    return true;
  }
  const share = /^(\d+) % of (.+)$/.exec(part);
  if (share) {
    const lift = allEntries(notebook).find((e) => e.name === share[2]);
    line.percentOf = { lift: lift?.id ?? share[2]!, percent: Number(share[1]) };
    return true;
  }
  const scheme = parseScheme(part);
  if (scheme) line.scheme = scheme;
  return scheme !== null;
}

/** A line as `writeSession` writes it; null when it does not begin with a known name. */
export function readWrittenLine(
  text: string,
  context: TextContext,
  block: Block,
  school: Session['school'],
  id: string,
): { line: Line; unknown: string[] } | null {
  const { name, rest } = nameIn(text);
  const [settings = '', ...parts] = rest.split(BAR);
  const m = /^ \(([^()]*)\)$/.exec(settings);
  const called = name.trim().toLowerCase();
  const entry = allEntries(context.notebook).find((e) => e.name.toLowerCase() === called);
  if (!entry) return null;
  const rig = m?.[1] ? readRig(m[1], entry) : entry.rig;
  const line: Line = { ...startingLine(entry, schoolOf(school), id), rig: rig ?? entry.rig };
  const unknown = rig ? [] : [m![1]!];
  for (const part of parts) if (!takePart(part.trim(), line, block, context)) unknown.push(part.trim());
  return { line, unknown };
}

/** A warm-up line as it is written; null when it is something else. */
export function readWarmup(text: string, id: string): WarmupItem | null {
  const m = /^warm-?up: (.+)$/i.exec(text);
  if (!m) return null;
  const [name = '', dose = '', ...rest] = m[1]!.split(BAR);
  const entry = allEntries().find((e) => e.name.toLowerCase() === name.trim().toLowerCase());
  const d = /^(\d+) × (\d+:\d\d|\d+|some)/.exec(dose);
  if (!entry || !d) return null;
  const timed = d[2]!.includes(':');
  // The note is the last part, and may have bars of its own.
  const from = rest.findIndex((r) => r.startsWith('note '));
  const note = from < 0 ? undefined : rest.slice(from).join(BAR);
  return {
    id,
    movement: entry.movement.id,
    sets: Number(d[1]),
    reps: timed || d[2] === 'some' ? null : Number(d[2]),
    seconds: timed ? parseDuration(d[2]!) : null,
    note: note ? unescaped(note.slice(5)) : '',
  };
}

/** The frame of a session as it is written; the parts that make no sense are left out. */
export function readHead(text: string): Partial<Session> | null {
  if (!/^for /.test(text) || !text.includes(BAR)) return null;
  const head: Partial<Session> = { spotter: false, date: null };
  for (const part of text.split(BAR)) {
    const minutes = /^(\d+) min$/.exec(part);
    const school = schoolIds.find((s) => schools[s].name === part);
    const kind = dayKinds.find((day) => `${day} day` === part);
    const ramp = (['ladder', 'two sets'] as const).find((way) => rampWords[way] === part);
    if (part.startsWith('for ')) {
      const name = part.slice(4);
      head.emphasis = (regionCalled(name) ?? name) as Session['emphasis'];
    } else if (minutes) head.minutes = Number(minutes[1]);
    else if (school) head.school = school;
    else if (kind) head.kind = kind;
    else if (ramp) head.ramp = ramp;
    else if (part === 'spotter') head.spotter = true;
    else if (['draft', 'handed over', 'finished'].includes(part)) head.status = part as Session['status'];
    else if (isDay(part)) head.date = part;
  }
  return head;
}
