import { type Entry, entryIn, fullRig, type Notebook, type Rig, rigSchema } from '@drimbo/core/movements';

/** A movement with its settings, as an address keeps it. */
export interface RigChoice {
  entry: Entry;
  rig: Rig;
}

/** "incline-dumbbell-press~benchDeg=45~tuckDeg=50": only what differs from where the entry begins. */
export function writeRig({ entry, rig }: RigChoice): string {
  const differs = Object.entries(rig).filter(([knob, value]) => entry.rig[knob as keyof Rig] !== value);
  return [entry.id, ...differs.map(([knob, value]) => `${knob}=${value}`)].join('~');
}

/** Reads what `writeRig` wrote; null for a name nobody knows. Settings that make no sense are left out. */
export function readRig(text: string, notebook: Notebook | undefined): RigChoice | null {
  const [id = '', ...parts] = text.split('~');
  const entry = entryIn(notebook, id);
  if (!entry) return null;
  const asked: Record<string, unknown> = {};
  for (const part of parts) {
    const [knob = '', value = ''] = part.split('=');
    const read = /^-?\d+(\.\d+)?$/.test(value) ? Number(value) : value;
    if (rigSchema.safeParse({ [knob]: read }).success) asked[knob] = read;
  }
  return { entry, rig: fullRig(entry.movement, { ...entry.rig, ...(asked as Rig) }) };
}
