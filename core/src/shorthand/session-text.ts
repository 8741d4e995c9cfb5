import { type RegionId, regions } from '../anatomy';
import {
  choiceKnobs,
  choiceWords,
  dress,
  type Entry,
  entryIn,
  findOwn,
  fullRig,
  movementOf,
  numericKnobs,
  type Rig,
  variantOf,
} from '../movements';
import { schoolOf, schools } from '../schools';
import { type Line, reserveText, schemeText, type Session, tempoText, type WarmupItem } from '../session';
import { clockText, fromKg } from '../units';
import {
  BAR,
  knobWords,
  loadsWords,
  rampWords,
  figure,
  escaped,
  quoted,
  type TextContext,
} from './session-words';

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
