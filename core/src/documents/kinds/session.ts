import { groupNames, regions } from '../../anatomy';
import { movementOf, variantOf } from '../../movements';
import { schools } from '../../schools';
import { type Block, type Line, reserveText, schemeText, type Session, sessionSchema } from '../../session';
import { massText, type MassUnit } from '../../units';
import { documentKind } from '../kind';
import { isRaw } from '../opening';
import { named } from '../plain-words';
import { client, gym, ownMovement, school } from '../references';
import type { Split } from '../splitting';
import { dayOf } from './days';

const aboutSeveral = /^(redundant-presses|triceps-before-press|far-pair|kit-at-once) /;

const inAnyOrder = (aside: unknown): unknown => {
  if (!isRaw(aside) || typeof aside.finding !== 'string' || !aboutSeveral.test(aside.finding)) return aside;
  const [rule, ...lines] = aside.finding.split(' ');
  return { ...aside, finding: [rule, ...lines.sort()].join(' ') };
};

type Order = (Omit<Block, 'lines'> & { lines: string[] })[];

const lineName = ({ movement, rig }: Line): string => variantOf(movementOf(movement), rig).name;

/** Movements one by one; which of them there are, in pairs and in order, is a part of its own. */
const blocks: Split<Block[]> = {
  isOrdered: true,
  apart: (list) => [
    ['', list.map(({ lines, ...block }) => ({ ...block, lines: lines.map((l) => l.id) }))],
    ...list.flatMap((b) => b.lines.map((line) => [line.id, line] as const)),
  ],
  together: (parts) => {
    const byId = new Map(parts);
    return ((byId.get('') ?? []) as Order).map((block) => ({
      ...block,
      lines: block.lines.flatMap((id) => (byId.has(id) ? [byId.get(id) as Line] : [])),
    }));
  },
  name: (_id, line: Line) => lineName(line),
};

function lineText(line: Line, unit: MassUnit): string {
  const loads = [line.loadKg].flat().filter((kg) => kg !== null);
  const load = loads.length > 0 ? ` at ${loads.map((kg) => massText(kg, unit)).join(', ')}` : '';
  return `${lineName(line)}: ${schemeText(line.scheme)}${load}, ${reserveText(line.reserve)}, ${line.restS} s rest`;
}

/** A push day for one client: movements with sets, efforts, loads and rests. */
export const sessionKind = documentKind<'session', Session>({
  kind: 'session',
  name: 'session',
  schema: sessionSchema,
  steps: [
    // Older ones have the same in every stage.
    { name: 'stages of a drop set with repetitions of their own', does: (document) => document },
    { name: 'the date is a day of the calendar', does: (document) => dayOf(document) as typeof document },
    {
      // Nobody had said either. A finding about several movements is known by them in any order.
      name: 'a kind of day, and schools of the coach’s own',
      does: (document) => ({
        ...document,
        dismissed: Array.isArray(document.dismissed)
          ? document.dismissed.map(inAnyOrder)
          : document.dismissed,
      }),
    },
    // Nobody had said.
    { name: 'how a finished session went', does: (document) => document },
    // Before, it was written over the plan.
    { name: 'changes made on the floor stand beside the plan', does: (document) => document },
    // Older ones go on by what the client can do today.
    { name: 'the loads it was handed over with are kept', does: (document) => document },
    // Nobody had said.
    { name: 'it may be of a lighter week', does: (document) => document },
  ],
  splits: { blocks },
  names: {
    title: 'Title',
    clientId: 'Client',
    kitId: 'Gym',
    minutes: 'Minutes',
    emphasis: 'For',
    school: 'School',
    kind: 'Kind of day',
    spotter: 'Spotter',
    status: 'State',
    date: 'Day',
    note: 'Note',
    light: 'Of a lighter week',
    done: 'How it went',
    changes: 'Changes made on the floor',
    ramp: 'Way up',
    warmup: 'Warm-up',
    blocks: 'Which movements, in which order',
    dismissed: 'Findings set aside',
  },
  words: {
    emphasis: (id: Session['emphasis']) => (groupNames as Record<string, string>)[id] ?? named(regions, id),
    school: (id: string) => named(schools, id),
    blocks: (part: Order | Line, unit: MassUnit) =>
      Array.isArray(part)
        ? `${part.reduce((n, b) => n + b.lines.length, 0)} movements`
        : lineText(part, unit),
  },
  refersTo: (s) => [
    client(s.clientId, 'clientId'),
    ...school(s.school, 'school'),
    gym(s.kitId, 'kitId'),
    ...s.blocks.flatMap((b, i) =>
      b.lines.flatMap((l, j) => ownMovement(l.own, `blocks.${i}.lines.${j}.own`)),
    ),
    ...(s.changes ?? []).flatMap((change, i) =>
      change.is === 'edits'
        ? change.edits.flatMap((edit, j) =>
            edit.do === 'become' ? ownMovement(edit.own, `changes.${i}.edits.${j}.own`) : [],
          )
        : [],
    ),
  ],
  isSingle: false,
  owner: 'clientId',
});
