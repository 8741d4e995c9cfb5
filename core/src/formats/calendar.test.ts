import fc from 'fast-check';
import ical, { type VEvent } from 'node-ical';
import { blockContext, measureBlock, placed, sampleBlock, sound } from '../block';
import { daysAfter } from '../units';
import { dayOfUid, uidOf, writeCalendar } from './calendar';
import { byTitle, CalendarError, readBack, readCalendar } from './calendar-reading';

const STAMP = '2026-11-27T09:00:00Z';
const context = blockContext(sound);
const written = (block = sampleBlock(3), revision = 4): string =>
  writeCalendar([{ id: 'autumn', revision, measured: measureBlock(block, context) }], STAMP);
const SPAN = ['2026-01-01', '2027-12-31'] as const;

/** Whole days as node-ical (a parser of its own, independent of the writer) sees them. */
const parsed = (text: string) =>
  Object.values(ical.sync.parseICS(text)).filter((e): e is VEvent => e?.type === 'VEVENT');
const plain = (d: Date): string =>
  `${d.getFullYear()}-${String(d.getMonth() + 1).padStart(2, '0')}-${String(d.getDate()).padStart(2, '0')}`;

test('an independent parser finds every day, whole and on its date, with the session as text', () => {
  const block = sampleBlock(3);
  const events = parsed(written(block));
  const days = placed(block);
  expect(events.map((e) => [e.uid, plain(e.start)]).sort()).toEqual(
    days.map((p) => [uidOf('autumn', p.day), p.date]).sort(),
  );
  for (const e of events) expect(e.datetype).toBe('date');
  const push = events.find((e) => e.uid === uidOf('autumn', 1))!;
  expect(push.summary).toBe('Push A, Test client');
  expect(push.description).toContain('Barbell bench press');
  expect(push.description).toContain('\n2. Incline dumbbell press');
  expect(push.description).toMatch(/9\d(\.5)? kg|8\d(\.5)? kg/);
});

test('lines are no longer than 75 octets and end with CR LF', () => {
  const lines = written().split('\r\n');
  expect(lines.at(-1)).toBe('');
  expect(Math.max(...lines.map((l) => new TextEncoder().encode(l).length))).toBeLessThanOrEqual(75);
  expect(written().replaceAll('\r\n', '')).not.toContain('\n');
});

test('a change raises the sequence and keeps the ids; what is left out is cancelled', () => {
  const before = parsed(written(sampleBlock(3), 4));
  const life = [
    {
      id: 'e',
      what: 'sick' as const,
      from: '2026-12-01',
      to: '2026-12-01',
      then: 'leave out' as const,
      note: '',
    },
  ];
  const after = parsed(written(sampleBlock(3, { life }), 5));
  expect(after.map((e) => e.uid).sort()).toEqual(before.map((e) => e.uid).sort());
  expect(new Set(after.map((e) => Number(e.sequence)))).toEqual(new Set([5]));
  expect(after.filter((e) => e.status === 'CANCELLED').map((e) => e.uid)).toEqual([uidOf('autumn', 1)]);
});

test('read back unchanged it moves nothing; with days put elsewhere those move, done ones stay', () => {
  const block = sampleBlock(3, { made: [{ day: 0, training: 'pull', session: null, on: '2026-11-30' }] });
  const text = written(block);
  const { entries } = readCalendar(text, ...SPAN);
  expect(readBack(block, 'autumn', entries)).toEqual({ moved: [], changes: [], foreign: 0, done: 0 });
  expect(readBack(block, 'other', entries).foreign).toBe(entries.length);
  const elsewhere = entries.map((e) => {
    const { day } = dayOfUid(e.uid)!;
    return day === 0 || day === 1 ? { ...e, from: '2026-12-02', to: '2026-12-02' } : e;
  });
  const read = readBack(block, 'autumn', elsewhere);
  expect(read).toMatchObject({ moved: [{ day: 1, to: '2026-12-02' }], done: 1 });
  expect(placed({ ...block, moved: read.moved }).find((p) => p.day === 1)!.date).toBe('2026-12-02');
});

test('any block comes back from its calendar as it is, names with commas, bars and line breaks included', () => {
  fc.assert(
    fc.property(
      fc.string({ minLength: 1, maxLength: 40 }),
      fc.integer({ min: 1, max: 5 }),
      fc.nat(6),
      (name, weeks, moved) => {
        const days = sampleBlock(weeks).days.map((d) => ({ ...d, name }));
        const block = sampleBlock(weeks, { days, moved: [{ day: 1, to: daysAfter('2026-12-01', moved) }] });
        const read = readBack(block, 'autumn', readCalendar(written(block), ...SPAN).entries);
        expect([read.changes, read.foreign]).toEqual([[], 0]);
      },
    ),
    { numRuns: 25 },
  );
});

const shifts = (events: string): string =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Ward//EN\r\n${events}END:VCALENDAR\r\n`;
const one = (fields: Record<string, string>): string =>
  `BEGIN:VEVENT\r\nUID:${fields.DTSTART ?? Object.values(fields)[0]}\r\n${Object.entries(fields)
    .map(([k, v]) => `${k}:${v}`)
    .join('\r\n')}\r\nEND:VEVENT\r\n`;

test('shifts with times take the days they reach into, as written, whatever the zone', () => {
  const text = shifts(
    one({
      'DTSTART;TZID=Pacific/Kiritimati': '20261201T213000',
      'DTEND;TZID=Pacific/Kiritimati': '20261202T073000',
      SUMMARY: 'Night',
    }) +
      one({ DTSTART: '20261203T230000Z', DTEND: '20261204T000000Z', SUMMARY: 'Late' }) +
      one({ 'DTSTART;VALUE=DATE': '20261205', 'DTEND;VALUE=DATE': '20261207', SUMMARY: 'Course' }),
  );
  expect(byTitle(readCalendar(text, ...SPAN).entries)).toEqual([
    { title: 'Night', days: ['2026-12-01', '2026-12-02'] },
    { title: 'Late', days: ['2026-12-03'] },
    { title: 'Course', days: ['2026-12-05', '2026-12-06'] },
  ]);
});

test('a rota that recurs is told day by day, without those taken out, within the days asked for', () => {
  const text = shifts(
    one({
      'DTSTART;VALUE=DATE': '20261201',
      RRULE: 'FREQ=DAILY;INTERVAL=4',
      'EXDATE;VALUE=DATE': '20261209',
      SUMMARY: 'Early',
    }),
  );
  expect(readCalendar(text, '2026-12-01', '2026-12-20').entries.map((e) => e.from)).toEqual([
    '2026-12-01',
    '2026-12-05',
    '2026-12-13',
    '2026-12-17',
  ]);
});

test.each([
  ['hello', /BEGIN:VCALENDAR/],
  ['BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART', /torn/],
  [`BEGIN:VCALENDAR${'x'.repeat(2_000_001)}`, /two million/],
])('what is no calendar is refused with the reason (%#)', (text, why) => {
  expect(() => readCalendar(text, ...SPAN)).toThrow(CalendarError);
  expect(() => readCalendar(text, ...SPAN)).toThrow(why);
});

const SOON = ['2026-12-01', '2026-12-14'] as const;
const daysOf = (text: string): string[] => readCalendar(text, ...SOON).entries.map((e) => e.from);

test.each([
  // Counted by hand on a wall calendar: 1 December 2026 is a Tuesday.
  ['FREQ=DAILY', '20090105', Array.from({ length: 14 }, (_, i) => daysAfter('2026-12-01', i))],
  // 3 January 2000 was a Monday; every second Monday and Thursday from then on.
  // 30 November 2026 is 1,404 weeks later.
  ['FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,TH', '20000103', ['2026-12-03', '2026-12-14']],
  ['FREQ=MONTHLY;BYMONTHDAY=9', '19990109', ['2026-12-09']],
  ['FREQ=DAILY;UNTIL=20261203', '20090105', ['2026-12-01', '2026-12-02', '2026-12-03']],
])('a series begun years ago yields the days of this year: %s', (RRULE, DTSTART, days) => {
  expect(daysOf(shifts(one({ 'DTSTART;VALUE=DATE': DTSTART, RRULE, SUMMARY: 'Work' })))).toEqual(days);
});

test('a series begun late is the one begun where it begins, whatever it is made of', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('DAILY', 'WEEKLY'),
      fc.integer({ min: 1, max: 9 }),
      fc.subarray(['MO', 'TU', 'FR', 'SU'], { minLength: 0 }),
      fc.integer({ min: 1, max: 2_500 }),
      fc.integer({ min: 1, max: 4 }),
      (freq, interval, by, ago, lasts) => {
        const start = daysAfter('2026-12-01', -ago);
        const compact = (day: string): string => day.replaceAll('-', '');
        const rule = `FREQ=${freq};INTERVAL=${interval}${by.length > 0 ? `;BYDAY=${by.join(',')}` : ''}`;
        const text = (more: string): string =>
          shifts(
            one({
              'DTSTART;VALUE=DATE': compact(start),
              'DTEND;VALUE=DATE': compact(daysAfter(start, lasts)),
              RRULE: rule + more,
            }),
          );
        // With a count nothing is left out: it is walked from its first day.
        expect(daysOf(text(''))).toEqual(daysOf(text(';COUNT=4000')));
      },
    ),
    { numRuns: 40 },
  );
});

test('what recurs within a day is left out by name, and nothing takes its time', () => {
  const text = shifts(
    ['SECONDLY', 'MINUTELY', 'HOURLY']
      .map((f) => one({ DTSTART: '20000101T000000Z', RRULE: `FREQ=${f}`, SUMMARY: f }))
      .join('') + one({ 'DTSTART;VALUE=DATE': '20261205', SUMMARY: 'Course' }),
  );
  expect(readCalendar(text, ...SOON)).toMatchObject({
    entries: [{ title: 'Course' }],
    leftOut: ['SECONDLY', 'MINUTELY', 'HOURLY'].map((f) => `${f} (recurs more than once a day)`),
  });
});

test('an entry that goes on for years is cut to the days asked for; a day put elsewhere is told once', () => {
  const text = shifts(
    one({ 'DTSTART;VALUE=DATE': '19700101', 'DTEND;VALUE=DATE': '20991231', SUMMARY: 'Rent' }) +
      `BEGIN:VEVENT\r\nUID:r\r\nDTSTART;VALUE=DATE:20261130\r\nRRULE:FREQ=WEEKLY\r\nSUMMARY:Class\r\nEND:VEVENT\r\n` +
      `BEGIN:VEVENT\r\nUID:r\r\nRECURRENCE-ID;VALUE=DATE:20261207\r\nDTSTART;VALUE=DATE:20261209\r\nSUMMARY:Class moved\r\nEND:VEVENT\r\n`,
  );
  expect(readCalendar(text, ...SOON).entries.map((e) => [e.title, e.from, e.to])).toEqual([
    ['Rent', '2026-12-01', '2026-12-14'],
    ['Class moved', '2026-12-09', '2026-12-09'],
    ['Class', '2026-12-14', '2026-12-14'],
  ]);
});

test('an event whose days cannot be read is left out by name, the others are told', () => {
  const text = shifts(
    one({ DTSTART: '20261201', SUMMARY: 'Torn' }) +
      one({ 'DTSTART;VALUE=DATE': '20261205', SUMMARY: 'Course' }),
  );
  expect(readCalendar(text, ...SOON)).toMatchObject({
    entries: [{ title: 'Course' }],
    leftOut: ['Torn (its days cannot be read)'],
  });
});

test('more than a calendar of a person is refused: events, entries and steps', () => {
  const many = (n: number, fields: Record<string, string>): string => shifts(one(fields).repeat(n));
  const read = (text: string) => () => readCalendar(text, ...SOON);
  expect(read(many(20_001, { 'DTSTART;VALUE=DATE': '20261201' }))).toThrow(/20000 events/);
  expect(read(many(5_001, { 'DTSTART;VALUE=DATE': '20261201' }))).toThrow(/5000 entries/);
  expect(read(many(20, { 'DTSTART;VALUE=DATE': '19500101', RRULE: 'FREQ=DAILY;COUNT=90000' }))).toThrow(
    /more often/,
  );
});
