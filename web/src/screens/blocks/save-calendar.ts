import { measureBlock } from '@drimbo/core/block/measuring';
import type { TrainingBlock } from '@drimbo/core/block/document';
import type { BlockContext } from '@drimbo/core/block/model';
import { writeCalendar, type CalendarBlock } from '@drimbo/core/formats/calendar';
import type { Kit } from '@drimbo/core/kit/kit';
import type { Notebook } from '@drimbo/core/movements/notebook';
import type { School, SchoolDocument } from '@drimbo/core/schools/document';
import { api } from '../../data/api';
import type { BlockFile } from '../../data/blocks';
import { savesDone } from '../../data/pending-saves';
import { todayIso, type Stored } from '../../data/queries';
import { saveFile } from '../../data/save-file';

const stamp = (): string => new Date().toISOString().replace(/\.\d+Z$/, 'Z');
const fileName = (title: string): string =>
  `${
    title
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'block'
  }.ics`;

/** A block as it stands on this screen, as a calendar file. */
export async function saveBlockCalendar(
  id: string,
  block: TrainingBlock,
  context: BlockContext,
): Promise<void> {
  await savesDone(`block ${id}`);
  const { revision } = await api.get<Stored<TrainingBlock>>(`/blocks/${id}`);
  const measured = measureBlock(block, context);
  saveFile(fileName(block.title), writeCalendar([{ id, revision, measured }], stamp()), 'text/calendar');
}

/** Every day of a client's blocks as one calendar file. */
export async function saveClientCalendar(name: string, blockIds: readonly string[]): Promise<void> {
  const [kits, schools, [notebook]] = await Promise.all([
    api.get<Stored<Kit>[]>('/kits'),
    api.get<Stored<SchoolDocument>[]>('/schools'),
    api.get<Stored<Notebook>[]>('/notebooks'),
  ]);
  const blocks: CalendarBlock[] = [];
  for (const id of blockIds) {
    const { block, client, sessions, logged } = await api.get<BlockFile>(`/blocks/${id}/file`);
    const measured = measureBlock(block.document, {
      client: client.document,
      kits: Object.fromEntries(kits.map((k) => [k.id, k.document])),
      sessions: Object.fromEntries(sessions.map((s) => [s.id, s.document])),
      ...(notebook ? { notebook: notebook.document } : {}),
      schools: schools.map((s): School => ({ ...s.document, id: s.id })),
      logged,
      todayIso: todayIso(),
    });
    blocks.push({ id, revision: block.revision, measured });
  }
  saveFile(fileName(name), writeCalendar(blocks, stamp()), 'text/calendar');
}
