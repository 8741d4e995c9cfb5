import { appraiseAtOnce } from '../appraise';
import { blockContext, measureBlock, sampleBlock, sound } from '../block';
import { byName, loggedDays, randomCases, ruleCases, soundCase } from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { emptyNotebook } from '../movements';
import { schools } from '../schools';
import { readBack, readCalendar, byTitle } from './calendar-reading';
import { writeCalendar } from './calendar';
import { cuesFor } from './cues';
import { clientOnFloor, notebookOnFloor, schoolOnFloor, sessionOnFloor } from './floor-file';
import { entryAt } from './house';
import { loadText, marksText } from './load-words';
import { makeReport } from './report';
import { jsonSchemas } from './schemas';
import { cellsOfSet, neededInHeader, setOfCells, setsHeader } from './sets-table';
import { makeSheet } from './sheet';
import { fromTemplate, templateOf } from './templates';
import { nulIn, tooDeep } from './well-formed';

const cases = [soundCase, ...randomCases(6), ...ruleCases.filter((_, i) => i % 25 === 0)];

test('sheets, reports and words of loads are what they were', () => {
  expectPinned(
    import.meta.dirname,
    'sheets',
    byName(cases, ({ session, context }, { lines }) => {
      const appraisal = appraiseAtOnce(session, context);
      const template = templateOf(session, { id: 't', name: 'T', keptOn: '2026-12-01' });
      return [
        makeSheet(session, appraisal, context),
        JSON.stringify(makeReport(appraisal, context)).length,
        lines.map((m) => [loadText(m, 'kg'), loadText(m, 'lb'), marksText(m, 'kg'), cuesFor(m, context)]),
        fromTemplate(template, { id: 'c', client: context.client }, 'Again')?.title,
        sessionOnFloor(session).note,
        notebookOnFloor(emptyNotebook, session),
      ];
    }),
  );
  expectPinned(import.meta.dirname, 'published', {
    ...jsonSchemas(),
    floor: clientOnFloor(soundCase.context.client),
    school: schoolOnFloor({ ...schools.pump, line: 'x' }),
    entries: [
      'clients/a.json',
      'house.json',
      'sets/a.csv',
      'sets/A.csv',
      'sessions/x.txt',
      'kits/-.json',
    ].map(entryAt),
  });
});

const ics = (lines: string): string =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n${lines}\r\nEND:VCALENDAR\r\n`;
const vevent = (lines: string): string => `BEGIN:VEVENT\r\n${lines}\r\nEND:VEVENT`;

test('calendars are written and read as they were', () => {
  const block = sampleBlock(3);
  const measured = measureBlock(block, blockContext(sound));
  const text = writeCalendar([{ id: 'b', revision: 2, measured }], '2026-12-01T10:00:00Z');
  const own = readCalendar(text, '2026-11-01', '2027-02-01');
  const files = {
    nights: vevent(
      'UID:1\r\nDTSTART;VALUE=DATE:20261203\r\nDTEND;VALUE=DATE:20261206\r\nSUMMARY:Night shift',
    ),
    weekly: vevent(
      'UID:2\r\nDTSTART:20261201T080000\r\nDTEND:20261201T090000\r\nRRULE:FREQ=WEEKLY;COUNT=4\r\nSUMMARY:Course',
    ),
    late: vevent('UID:3\r\nDTSTART:20261210T220000\r\nDTEND:20261211T060000\r\nSUMMARY:Late'),
    midnight: vevent('UID:4\r\nDTSTART:20261210T180000\r\nDTEND:20261211T000000\r\nSUMMARY:Evening'),
    without: vevent('UID:5\r\nDTSTART;VALUE=DATE:20261212'),
    gone: vevent('UID:6\r\nDTSTART;VALUE=DATE:20261212\r\nSTATUS:CANCELLED\r\nSUMMARY:Off'),
    excluded: vevent(
      'UID:7\r\nDTSTART;VALUE=DATE:20261201\r\nRRULE:FREQ=DAILY;COUNT=5\r\nEXDATE;VALUE=DATE:20261203\r\nSUMMARY:Fair',
    ),
    endless: vevent('UID:8\r\nDTSTART;VALUE=DATE:20200101\r\nRRULE:FREQ=MONTHLY\r\nSUMMARY:Pay day'),
    torn: vevent('UID:9\r\nDTSTART:nonsense\r\nSUMMARY:Torn'),
    duration: vevent('UID:10\r\nDTSTART;VALUE=DATE:20261215\r\nDURATION:P3D\r\nSUMMARY:Away'),
  };
  const moved = own.entries.map((e, i) => (i === 1 ? { ...e, from: '2026-12-24', to: '2026-12-24' } : e));
  expectPinned(import.meta.dirname, 'calendars', {
    written: text.split('\r\n'),
    own: own.entries.slice(0, 6),
    ...Object.fromEntries(
      Object.entries(files).map(([name, lines]) => {
        const read = readCalendar(ics(lines), '2026-11-01', '2027-02-01');
        return [name, [read, byTitle(read.entries)]];
      }),
    ),
    back: [
      readBack(block, 'b', own.entries),
      readBack(block, 'b', moved as never),
      readBack(block, 'b', own.entries.slice(2)),
    ],
  });
});

test('tables of sets and bounds of texts are what they were', () => {
  const sets = loggedDays(soundCase, 2).filter((_, i) => i % 4 === 0);
  const nested = (depth: number): string => '['.repeat(depth) + ']'.repeat(depth);
  expectPinned(import.meta.dirname, 'tables', {
    header: [setsHeader, neededInHeader],
    ...Object.fromEntries(
      sets.map((set) => {
        const cells = cellsOfSet(set);
        const back = setOfCells(Object.fromEntries(setsHeader.map((name, i) => [name, cells[i] ?? ''])));
        return [set.id, [cells, back]];
      }),
    ),
    deep: [1, 59, 60, 61, 80].map((depth) => [tooDeep(nested(depth)), tooDeep(`"${nested(depth)}"`)]),
    nul: [nulIn({ a: ['x', { b: 'a\u0000b' }] }), nulIn({ a: 'b' }), nulIn(['\u0000'])],
  });
});
