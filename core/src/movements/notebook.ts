import { z } from 'zod';
import { regionIds } from '../anatomy';
import { daysBetween, daySchema } from '../units';
import { entries, findEntry, findMovement } from './catalogue';
import type { Entry, Movement } from './model';
import { rigSchema } from './rig';
import { atHome, fullRig, variantOf } from './settings';

const id = z.string().min(1).max(60);
const cue = z.string().min(1).max(160);
const credit = z.number().min(0).max(1);

/** Credits set by hand; regions left out keep the computed one. */
export const pinsSchema = z.partialRecord(z.enum(regionIds), credit);

/** A movement of the coach's own: one of the catalogue with a name, settings and teaching of its own. */
export const ownMovementSchema = z
  .object({
    id,
    name: z.string().min(1).max(80),
    aliases: z.array(z.string().min(1).max(60)).max(12),
    /** The movement of the catalogue it is made from. */
    movement: id.refine((v) => findMovement(v) !== undefined, {
      message: 'no movement of this name in the catalogue',
    }),
    rig: rigSchema,
    homeReps: z
      .object({ lo: z.number().int().min(1).max(100), hi: z.number().int().min(1).max(100) })
      .strict()
      .refine((r) => r.lo <= r.hi, { message: 'the lower figure comes first' }),
    cues: z.object({ setUp: cue, path: z.array(cue).min(1).max(3), finish: cue, breathing: cue }).strict(),
    chooseWhen: z.string().min(1).max(240),
    pins: pinsSchema,
  })
  .strict();

const cueLists = z.record(id, z.array(cue).min(1).max(3));

/** A session kept to be started again for anybody. The session is a document of its own, of whatever version it was kept in. */
export const templateSchema = z
  .object({
    id,
    name: z.string().min(1).max(120),
    keptOn: daySchema,
    session: z.record(z.string().max(40), z.unknown()),
  })
  .strict();

/** How long what was deleted can be brought back, days. */
export const DELETED_DAYS = 30;

/** Whether what was deleted on a day can still be brought back today. */
export const canComeBack = ({ on }: { on: string }, today: string): boolean =>
  daysBetween(on, today) <= DELETED_DAYS;

const deletedSchema = z.union([
  z.object({ on: daySchema, own: ownMovementSchema }).strict(),
  z.object({ on: daySchema, template: templateSchema }).strict(),
]);

/** The newest version of the notebook document. */
const notebookVersion = 2;

/** What a coach has made of the catalogue: own movements, what is hidden, cues in the coach's words, templates. */
export const notebookSchema = z
  .object({
    format: z.literal('drimbo.notebook'),
    version: z.literal(notebookVersion),
    own: z.array(ownMovementSchema).max(500),
    /** Names not to be offered. */
    hidden: z.array(id).max(500),
    /** Names that are off unless asked for, and have been asked for. */
    shown: z.array(id).max(100),
    /** The coach's own cues by name of the catalogue. */
    cues: cueLists,
    templates: z.array(templateSchema).max(100, 'at most a hundred templates are kept'),
    /** What was deleted and can still be brought back, the last first. */
    deleted: z.array(deletedSchema).max(200),
  })
  .strict();

/** The id of what was deleted. */
export const goneId = (gone: z.infer<typeof deletedSchema>): string =>
  'own' in gone ? gone.own.id : gone.template.id;

export type OwnMovement = z.infer<typeof ownMovementSchema>;
export type Template = z.infer<typeof templateSchema>;
export type Notebook = z.infer<typeof notebookSchema>;
/** The coach's cues for one client, by name of the catalogue. */
export const clientCuesSchema = cueLists;

export const emptyNotebook: Notebook = {
  format: 'drimbo.notebook',
  version: notebookVersion,
  own: [],
  hidden: [],
  shown: [],
  cues: {},
  templates: [],
  deleted: [],
};

const dressed = new WeakMap<OwnMovement, Movement>();

/**
 * The movement an own one is made from, with its name, settings, teaching and credits laid over it.
 * The id stays that of the catalogue: evidence and mechanics are the same.
 */
export function dress(own: OwnMovement): Movement {
  let movement = dressed.get(own);
  if (!movement) {
    const base = findMovement(own.movement)!;
    const { homeReps, cues, chooseWhen } = own;
    movement = {
      ...base,
      ...atHome(base, own.rig),
      homeReps: [homeReps.lo, homeReps.hi],
      taught: { cues, chooseWhen },
      variants: [{ id: own.id, name: own.name, aliases: own.aliases, rig: own.rig }],
      credits: { ...base.credits, pins: own.pins },
    };
    dressed.set(own, movement);
  }
  return movement;
}

export const findOwn = (notebook: Notebook | undefined, ownId: string | undefined): OwnMovement | undefined =>
  ownId === undefined ? undefined : notebook?.own.find((o) => o.id === ownId);

const ownEntry = (own: OwnMovement): Entry => {
  const movement = dress(own);
  return {
    id: own.id,
    name: own.name,
    aliases: own.aliases,
    movement,
    rig: fullRig(movement, own.rig),
    own: own.id,
  };
};

const pools = new WeakMap<Notebook, { offered: readonly Entry[]; all: readonly Entry[] }>();

function poolsOf(notebook: Notebook): { offered: readonly Entry[]; all: readonly Entry[] } {
  let known = pools.get(notebook);
  if (!known) {
    const mine = notebook.own.map(ownEntry);
    const hidden = new Set(notebook.hidden);
    const shown = new Set(notebook.shown);
    const off = (e: Entry): boolean =>
      hidden.has(e.id) || (variantOf(e.movement, e.rig).offByDefault === true && !shown.has(e.id));
    known = { all: [...mine, ...entries], offered: [...mine, ...entries].filter((e) => !off(e)) };
    pools.set(notebook, known);
  }
  return known;
}

/** Names to offer: the coach's own first, without those hidden and those off by default. */
export const offeredEntries = (notebook: Notebook = emptyNotebook): readonly Entry[] =>
  poolsOf(notebook).offered;

/** Every name, the hidden ones too. */
export const allEntries = (notebook: Notebook = emptyNotebook): readonly Entry[] => poolsOf(notebook).all;

/** The entry with this id among the coach's own and the catalogue's. */
export const entryIn = (notebook: Notebook | undefined, entryId: string): Entry | undefined => {
  const own = findOwn(notebook, entryId);
  return own ? ownEntry(own) : findEntry(entryId);
};
