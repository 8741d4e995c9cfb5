import { ways } from '@drimbo/core/contract';
import { type BlockContext, measureBlock, type TrainingBlock } from '@drimbo/core/block';
import { type CalendarBlock, writeCalendar } from '@drimbo/core/formats';
import { ask } from '../../data/api';
import { addressOfDocument, documentOf } from '../../data/documents';
import { contextOfFile, houseContext } from '../../data/block-context';
import { savesDone } from '../../data/pending-saves';

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
  await savesDone(addressOfDocument('block', id));
  const { revision } = await documentOf('block', id);
  const measured = measureBlock(block, context);
  saveFile(fileName(block.title), writeCalendar([{ id, revision, measured }], stamp()), 'text/calendar');
}

/** Every day of a client's blocks as one calendar file. */
export async function saveClientCalendar(name: string, blockIds: readonly string[]): Promise<void> {
  const house = await houseContext();
  const blocks: CalendarBlock[] = [];
  for (const id of blockIds) {
    const stored = await ask(ways.blockFile({ id }));
    const { revision, document } = stored.block;
    blocks.push({ id, revision, measured: measureBlock(document, contextOfFile(stored, house)) });
  }
  saveFile(fileName(name), writeCalendar(blocks, stamp()), 'text/calendar');
}
