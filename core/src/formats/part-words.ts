import { groupNames, regions } from '../anatomy/regions';
import { findEntry, movementOf } from '../movements/catalogue';
import { variantOf } from '../movements/settings';
import { schools } from '../schools/schools';
import type { Line } from '../session/document';
import { reserveText } from '../session/effort';
import { schemeText } from '../session/schemes';
import { massText, type MassUnit } from '../units/mass';
import type { Part } from './parts';

const names: Record<string, string> = {
  title: 'Title',
  minutes: 'Minutes',
  emphasis: 'For',
  school: 'School',
  spotter: 'Spotter',
  status: 'State',
  date: 'Day',
  note: 'Note',
  ramp: 'Way up',
  warmup: 'Warm-up',
  dismissed: 'Findings set aside',
  order: 'Which movements, in which order',
  kitId: 'Gym',
  clientId: 'Client',
  name: 'Name',
  about: 'About',
  born: 'Born',
  statureM: 'Stature, m',
  massKg: 'Bodyweight, kg',
  biacromialM: 'Shoulder breadth, m',
  trainingAge: 'Training age',
  goal: 'Goal',
  lagging: 'Lags',
  limits: 'Limits',
  daysAWeek: 'Days a week',
  unit: 'Loads in',
  likes: 'Likes, and feels',
  health: 'Health screen',
  aim: 'Trains for',
  competes: 'Competes',
  aside: 'Rules set aside',
  kind: 'Kind of day',
  formula: 'Formula',
  tests: 'Tests',
  deletedTests: 'Deleted tests',
  body: 'Bodyweight and girths',
  ratings: 'Ratings of regions',
  notes: 'Notes',
  cues: 'Cues',
  line: 'In one line',
  mainBand: 'Main band',
  forNovices: 'For the first year',
  counting: 'Counting',
  valueScale: 'Value of a further set',
  restFloorS: 'Shortest rests',
  homes: 'Repetitions at home',
  schemes: 'Schemes',
  mostMovements: 'Most movements',
  starting: 'A line starts with',
  voices: 'Voices of rules',
  weekBands: 'Bands of the week',
  done: 'How it went',
  changes: 'Changes made on the floor',
  startsOn: 'Begins on',
  phases: 'Phases',
  days: 'Training days',
  pattern: 'Pattern',
  patternFrom: 'Pattern from day',
  weeks: 'Weeks',
  ladders: 'Ladders',
  double: 'Loads go up step by step',
  rotateEvery: 'A movement is changed every, weeks',
  rotations: 'Movements changed',
  life: 'What comes between',
  moved: 'Days put elsewhere',
  made: 'Days made and done',
  bars: 'Bars',
  plates: 'Plates',
  dumbbells: 'Dumbbells',
  stacks: 'Stacks',
  benches: 'Benches',
  rack: 'Rack',
  places: 'Stations',
  dipBelt: 'Dip belt',
  attachments: 'Attachments',
  apart: 'Distances',
  chains: 'Chains',
  bands: 'Bands',
};

const isLine = (part: Part): boolean => part.key.startsWith('line:');
const lineName = ({ movement, rig }: Line): string => variantOf(movementOf(movement), rig).name;

const ofNotebook: Record<string, string> = {
  own: 'Own movement',
  hidden: 'Hidden:',
  shown: 'Shown again:',
  cues: 'Cues for',
  template: 'Template',
  deleted: 'Deleted:',
};
type Named = { name?: string };
function entryName(part: Part, id: string): string {
  const value = (part.mine ?? part.theirs) as Named & { own?: Named; template?: Named };
  return (value.own ?? value.template ?? value).name ?? findEntry(id)?.name ?? id;
}

/** What a part is called. */
export function partName(part: Part): string {
  if (isLine(part)) return lineName((part.mine ?? part.theirs) as Line);
  const [stem, id] = part.key.split(':');
  if (id !== undefined) return `${ofNotebook[stem!] ?? stem} ${entryName(part, id)}`;
  return names[part.key] ?? part.key;
}

function lineText(line: Line, unit: MassUnit): string {
  const loads = [line.loadKg].flat().filter((kg) => kg !== null);
  const load = loads.length > 0 ? ` at ${loads.map((kg) => massText(kg, unit)).join(', ')}` : '';
  return `${lineName(line)}: ${schemeText(line.scheme)}${load}, ${reserveText(line.reserve)}, ${line.restS} s rest`;
}

const named = (table: object, id: string): string =>
  (table as Record<string, { name: string } | undefined>)[id]?.name ?? id;

const inWords: Record<string, (value: string) => string> = {
  emphasis: (id) => (groupNames as Record<string, string>)[id] ?? named(regions, id),
  school: (id) => named(schools, id),
};

const listed = (values: readonly unknown[]): string => {
  const shown = values.slice(0, 6).map((v) => {
    if (typeof v !== 'object' || v === null) return String(v);
    const { name, limit, movement, kg, pairs } = v as Partial<Record<string, string | number>>;
    return `${name ?? limit ?? movement ?? (kg === undefined ? '' : `${pairs} × ${kg}`)}`;
  });
  const words = shown.filter((w) => w !== '').join(', ');
  return `${values.length}${words ? `: ${words}${values.length > 6 ? '…' : ''}` : ''}`;
};

/** What a part says, short enough for a table. */
export function partText(part: Part, side: 'mine' | 'theirs', unit: MassUnit): string {
  const value = part[side];
  if (value === undefined) return part.key.includes(':') ? 'not there' : 'nothing';
  if (value === null || value === '') return 'nothing';
  if (isLine(part)) return lineText(value as Line, unit);
  if (part.key === 'order')
    return `${(value as { lines: string[] }[]).reduce((n, b) => n + b.lines.length, 0)} movements`;
  if (part.key.startsWith('hidden:') || part.key.startsWith('shown:')) return 'yes';
  if (part.key.startsWith('cues:')) return (value as string[]).join(' / ');
  if (part.key.startsWith('own:')) return (value as { chooseWhen: string }).chooseWhen;
  if (part.key.startsWith('template:')) return `kept ${(value as { keptOn: string }).keptOn}`;
  if (part.key.startsWith('deleted:')) return `deleted ${(value as { on: string }).on}`;
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return inWords[part.key]?.(value) ?? value;
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return value.length === 0 ? 'none' : listed(value);
  return Object.entries(value as object)
    .filter(([, v]) => typeof v !== 'object' && v !== '')
    .map(([k, v]) => `${k} ${v === true ? 'yes' : v === false ? 'no' : String(v)}`)
    .join(', ');
}
