import type { Context } from '../../measure';
import type { Kit } from '../../kit';
import { schools } from '../../schools';
import {
  type Block,
  type Client,
  emptySession,
  type Emphasis,
  type SchoolId,
  type Session,
  singleBlock,
  type WarmupItem,
} from '../../session';
import { lineFromTyped, readTypedLine } from '../../shorthand';
import { sampleClient, sampleKit } from '../../examples';
import type { Case } from '../cases';

/** A session as a coach would type it, with whom and where it is for. */
export interface Typed {
  name: string;
  who: Partial<Client>;
  /** What the client benches to failure with five repetitions, kg; null where nothing was tested. */
  benches: number | null;
  gym: keyof typeof gyms;
  minutes: number;
  emphasis: Emphasis;
  school: SchoolId;
  spotter?: boolean;
  /** A line that begins with "+" joins the one before it. */
  lines: string[];
}

const stack = (id: string, serves: string[], maxKg: number, ratio = 1): Kit['stacks'][number] => ({
  id,
  name: id,
  serves,
  firstKg: 2.5,
  stepKg: 2.5,
  maxKg,
  addOnsKg: [],
  count: serves[0] === 'cables' ? 2 : 1,
  ratio,
});
const bells = (to: number): Kit['dumbbells'] =>
  Array.from({ length: to }, (_, i) => i + 1)
    .filter((kg) => kg <= 10 || kg % 2 === 0)
    .map((kg) => ({ kg, pairs: 1 }));

const machines = [
  'chest press machine',
  'incline press machine',
  'fly machine',
  'overhead press machine',
  'lateral raise machine',
  'dip machine',
  'assisted dip',
];

/** Three usual gyms. */
export const gyms = {
  hall: {
    ...sampleKit,
    name: 'Hall',
    bars: [...sampleKit.bars, { id: 'landmine', name: 'Landmine', kg: 20, use: 'landmine' as const }],
    dumbbells: bells(50),
    stacks: [stack('cables', ['cables'], 60), ...machines.map((station) => stack(station, [station], 120))],
    places: [...sampleKit.places, 'landmine'],
    attachments: ['rope', 'single handles', 'straight bar'],
    rack: { count: 2, safetyArms: true },
  } as Kit,
  small: {
    ...sampleKit,
    name: 'Small gym',
    dumbbells: bells(40),
    stacks: [stack('cables', ['cables'], 50)],
    attachments: ['rope', 'single handles', 'straight bar'],
    rack: { count: 1, safetyArms: true },
  } as Kit,
  home: {
    ...sampleKit,
    name: 'At home',
    bars: [],
    plates: [],
    stacks: [],
    dumbbells: bells(24),
    places: [],
    dipBelt: false,
    rack: { count: 0, safetyArms: false },
  } as Kit,
};

const warmup: WarmupItem[] = [
  { id: 'w1', movement: 'easy-cardio', sets: 1, reps: null, seconds: 240, note: '' },
  { id: 'w2', movement: 'pass-through', sets: 1, reps: 10, seconds: null, note: '' },
];

function blocksOf({ lines, school }: Typed): Block[] {
  const blocks: Block[] = [];
  lines.forEach((text, i) => {
    const line = lineFromTyped(readTypedLine(text.replace(/^\+/, ''), 'kg'), schools[school], `l${i + 1}`);
    if (!line) throw new Error(`"${text}" names no movement.`);
    const last = blocks.at(-1);
    if (text.startsWith('+') && last) {
      last.lines.push(line);
      last.kind = last.lines.length === 2 ? 'superset' : 'giant';
    } else blocks.push(singleBlock(`b${i + 1}`, line));
  });
  return blocks;
}

const TODAY = '2026-11-24';

/** A typed session as a case: for its client, in its gym. */
export function caseOf(typed: Typed): Case {
  const client: Client = {
    ...sampleClient,
    minutes: typed.minutes,
    ...typed.who,
    tests:
      typed.benches === null
        ? []
        : [
            {
              movement: 'barbell-press',
              rig: {},
              date: '2026-11-10',
              loadKg: typed.benches,
              reps: 5,
              reserve: 0,
              kind: 'test',
            },
          ],
  };
  const session: Session = {
    ...emptySession({
      title: typed.name,
      clientId: 'c',
      kitId: 'gym',
      minutes: typed.minutes,
      emphasis: typed.emphasis,
      school: typed.school,
    }),
    spotter: typed.spotter ?? false,
    warmup,
    blocks: blocksOf(typed),
  };
  const context: Context = { client, kit: gyms[typed.gym], logged: [], todayIso: TODAY };
  return { name: typed.name, session, context };
}
