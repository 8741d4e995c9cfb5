import ICAL from 'ical.js';
import { type MeasuredBlock, type MeasuredDay, shortDayText } from '../block';
import { schemeText } from '../session';
import { daysAfter, durationWords } from '../units';
import { loadText } from './load-words';
import { medicalSentence, reserveWords, stopSigns } from './sheet';

/** A block as its calendar file tells it. */
export interface CalendarBlock {
  id: string;
  /** The revision of the document: it rises with every change, and so does the sequence of its days. */
  revision: number;
  measured: MeasuredBlock;
}

// A folded line begins with a space of its own: 75 octets with it.
ICAL.foldLength = 74;

const PRODID = '-//Drimbo//Blocks//EN';
const AT = '@drimbo.invalid';

/** The same day of a block keeps its id for as long as the block is. */
export const uidOf = (blockId: string, day: number): string => `${blockId}.${day}${AT}`;

/** The block and day an id names; null for one that is not ours. */
export function dayOfUid(uid: string): { blockId: string; day: number } | null {
  const found = /^([a-z0-9][a-z0-9-]{0,58})\.(\d{1,3})@drimbo\.invalid$/.exec(uid);
  return found ? { blockId: found[1]!, day: Number(found[2]) } : null;
}

/** What is done on a day, in lines that can be read on a phone. */
function dayText({ measured, training, placed }: MeasuredDay, unit: 'kg' | 'lb'): string {
  if (!measured)
    return training.does.is === 'short'
      ? shortDayText(training.does.work)
      : 'No session yet: ask your coach.';
  const lines = measured.lines
    .filter((m) => m.movement.prepares === undefined)
    .map((m, i) => {
      const load = loadText(m, unit);
      const parts = [
        schemeText(m.line.scheme),
        load,
        reserveWords(m.line),
        `rest ${durationWords(m.line.restS)}`,
      ];
      return `${i + 1}. ${m.name}${m.detail ? ` (${m.detail})` : ''}: ${parts.filter(Boolean).join(', ')}`;
    });
  return [
    `${measured.session.title}, about ${Math.round(measured.timeline.totalS / 60)} min${placed.light ? ', a lighter one' : ''}`,
    ...lines,
    '',
    `Stop when ${stopSigns}`,
    medicalSentence,
  ].join('\n');
}

const event = (block: CalendarBlock, d: MeasuredDay, stamp: string): ICAL.Component => {
  const { context } = block.measured;
  const part = new ICAL.Component('vevent');
  const day = ICAL.Time.fromDateString(d.placed.date);
  part.updatePropertyWithValue('uid', uidOf(block.id, d.placed.day));
  part.updatePropertyWithValue('dtstamp', ICAL.Time.fromDateTimeString(stamp));
  part.updatePropertyWithValue('dtstart', day);
  part.updatePropertyWithValue('dtend', ICAL.Time.fromDateString(daysAfter(d.placed.date, 1)));
  part.updatePropertyWithValue('summary', `${d.training.name}, ${context.client.name}`);
  part.updatePropertyWithValue('description', dayText(d, context.client.unit));
  part.updatePropertyWithValue('sequence', block.revision);
  part.updatePropertyWithValue('status', d.placed.state === 'left out' ? 'CANCELLED' : 'CONFIRMED');
  part.updatePropertyWithValue('transp', 'TRANSPARENT');
  return part;
};

/**
 * The days of blocks as iCalendar (RFC 5545): whole days without a time zone, the session as text in the description.
 * `stamp`: when it is written, ISO time of UTC like 2026-11-27T09:00:00Z. Lines end with CR LF.
 */
export function writeCalendar(blocks: readonly CalendarBlock[], stamp: string): string {
  const calendar = new ICAL.Component('vcalendar');
  calendar.updatePropertyWithValue('version', '2.0');
  calendar.updatePropertyWithValue('prodid', PRODID);
  calendar.updatePropertyWithValue('calscale', 'GREGORIAN');
  for (const block of blocks)
    for (const d of block.measured.weeks.flatMap((w) => w.days))
      calendar.addSubcomponent(event(block, d, stamp));
  return `${calendar.toString()}\r\n`;
}
