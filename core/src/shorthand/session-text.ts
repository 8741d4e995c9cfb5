import { regionIds, regions, type Credits, type RegionId } from '../anatomy/regions';
import { movementOf } from '../movements/catalogue';
import type { Entry } from '../movements/model';
import { allEntries, entryIn, findOwn, dress, type Notebook } from '../movements/notebook';
import { choiceKnobs, choiceWords, numericKnobs, type NumericKnob, type Rig } from '../movements/rig';
import { fullRig, variantOf } from '../movements/settings';
import { schoolOf, schools } from '../schools/schools';
import {
  dayKinds,
  schoolIds,
  type Block,
  type Line,
  type Session,
  type WarmupItem,
} from '../session/document';
import { parseReserve, parseTempo, reserveText, tempoText } from '../session/effort';
import { parseScheme, schemeText } from '../session/schemes';
import { startingLine } from '../schools/starting-line';
import { isDay } from '../units/dates';
import { clockText, parseDuration } from '../units/time';
import { fromKg, toKg, type MassUnit } from '../units/mass';

/** What text is written and read with. */
export interface TextContext {
  unit: MassUnit;
  notebook?: Notebook;
}

/** Between the parts of a line; nothing else in it is written so. */
const BAR = ' · ';

const knobWords: Record<NumericKnob, string> = {
  benchDeg: 'bench',
  gripBiacromial: 'grip',
  tuckDeg: 'tuck',
  pulleyStature: 'pulley',
  leanDeg: 'lean',
  elevationM: 'raise',
};

const loadsWords: Record<NonNullable<Line['loads']>, string> = {
  one: 'one load',
  down: 'loads coming down',
};

const rampWords: Record<NonNullable<Session['ramp']>, string> = {
  ladder: 'ramp as a ladder',
  'two sets': 'ramp in two sets',
};

const figure = (n: number): string => String(Number(n.toFixed(4)));
const escaped = (text: string): string => text.replace(/\\/g, '\\\\').replace(/\n/g, '\\n');
const unescaped = (text: string): string =>
  text.replace(/\\(n|\\)/g, (_, c: string) => (c === 'n' ? '\n' : '\\'));

/** A name of the coach's own that would be taken for something else stands in quotes. */
const quoted = (name: string): string =>
  /^(?:[#+“\s]|for |note:|warm-?up:)|[(·“”\\]|\s$/i.test(name) ? `“${escaped(name)}”` : name;

/** The name a written line begins with, and what follows it. */
function nameIn(text: string): { name: string; rest: string } {
  if (!text.startsWith('“')) {
    const m = /^(.+?)(?= \(| · |$)/.exec(text);
    return { name: m?.[1] ?? '', rest: text.slice(m?.[1]?.length ?? 0) };
  }
  // The quote that is followed by settings, a bar or nothing closes the name.
  const end = /”(?= \(| · |$)/.exec(text)?.index ?? text.length;
  return { name: unescaped(text.slice(1, end)), rest: text.slice(end + 1) };
}

function rigText(entry: Entry, rig: Rig): string {
  const { movement } = entry;
  const said: string[] = [];
  for (const knob of numericKnobs)
    if (rig[knob] !== undefined && rig[knob] !== entry.rig[knob])
      said.push(`${knobWords[knob]} ${figure(rig[knob])}`);
  for (const knob of choiceKnobs)
    if (movement.knobs[knob] && rig[knob] !== entry.rig[knob]) said.push(choiceWords(knob, rig[knob]!));
  return said.length > 0 ? ` (${said.join(', ')})` : '';
}

/** One line of a session, complete: what reads back to the same line. */
function lineText(line: Line, { unit, notebook }: TextContext): string[] {
  const own = findOwn(notebook, line.own);
  const movement = own?.movement === line.movement ? dress(own) : movementOf(line.movement);
  const rig = fullRig(movement, line.rig);
  const entry = entryIn(notebook, variantOf(movement, rig).id)!;
  const parts = [
    `${quoted(entry.name)}${rigText(entry, rig)}`,
    schemeText(line.scheme),
    `leave ${reserveText(line.reserve)}`,
    `tempo ${tempoText(line.tempo)}`,
    `rest ${clockText(line.restS)}`,
  ];
  const loads = line.loadKg === null ? null : Array.isArray(line.loadKg) ? line.loadKg : [line.loadKg];
  if (loads)
    parts.push(
      `at ${loads.map((kg) => figure(fromKg(kg, unit))).join(', ')} ${unit}${Array.isArray(line.loadKg) ? ' set by set' : ''}`,
    );
  if (line.loads) parts.push(loadsWords[line.loads]);
  if (line.percentOf)
    parts.push(
      `${line.percentOf.percent} % of ${entryIn(notebook, line.percentOf.lift)?.name ?? line.percentOf.lift}`,
    );
  if (line.hung) parts.push(`hung with ${line.hung.aSide} a side of ${line.hung.of}`);
  if (line.squeezeS) parts.push(`squeeze ${line.squeezeS} s between`);
  if (line.pins)
    parts.push(
      `counts ${Object.entries(line.pins)
        .map(([id, credit]) => `${regions[id as RegionId].name.toLowerCase()} ${figure(credit)}`)
        .join(', ')}`,
    );
  const below = [
    ...(line.note ? [`  why: ${escaped(line.note)}`] : []),
    ...(line.cues?.length === 0 ? ['  no cues'] : (line.cues ?? []).map((c) => `  cue: ${escaped(c)}`)),
  ];
  return [parts.join(BAR), ...below];
}

const warmupText = (w: WarmupItem): string =>
  [
    `warm-up: ${movementOf(w.movement).variants[0]!.name}`,
    w.seconds !== null ? `${w.sets} × ${clockText(w.seconds)}` : `${w.sets} × ${w.reps ?? 'some'}`,
    ...(w.note ? [`note ${escaped(w.note)}`] : []),
  ].join(BAR);

/**
 * A session as text that reads back to the same session: all but its client, its kit, its ids and the
 * findings set aside. Loads in the unit of the context.
 */
export function writeSession(session: Session, context: TextContext): string {
  const head = [
    `for ${session.emphasis in regions ? regions[session.emphasis as RegionId].name.toLowerCase() : session.emphasis}`,
    `${session.minutes} min`,
    ...(session.school in schools ? [schoolOf(session.school).name] : []),
    ...(session.kind ? [`${session.kind} day`] : []),
    ...(session.spotter ? ['spotter'] : []),
    ...(session.ramp ? [rampWords[session.ramp]] : []),
    session.status,
    ...(session.date ? [session.date] : []),
  ];
  return [
    `# ${escaped(session.title)}`,
    head.join(BAR),
    ...(session.note ? [`note: ${escaped(session.note)}`] : []),
    ...session.warmup.map(warmupText),
    ...session.blocks.flatMap((b) =>
      b.lines.flatMap((l, i) => {
        const [first, ...below] = lineText(l, context);
        const paired = b.lines.length > 1 && i === 0 ? `${BAR}between ${b.betweenS} s` : '';
        const held = b.held && i === 0 ? `${BAR}keeps its place` : '';
        return [`${i > 0 ? '+ ' : ''}${first}${paired}${held}`, ...below];
      }),
    ),
    '',
  ].join('\n');
}

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
  const [word = '', rest = ''] = [part.split(' ')[0]!, part.slice(part.indexOf(' ') + 1)];
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

export { unescaped };
