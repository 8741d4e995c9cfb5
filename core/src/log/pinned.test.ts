import {
  afterLogging,
  byName,
  pinMany,
  loggedDays,
  measuredOf,
  randomCases,
  ruleCases,
  soundCase,
} from '../testing/cases';
import { expectPinned } from '../testing/pinned';
import { atOneGo } from '../units';
import { logFromTable } from './csv-log';
import { findingLoad } from './finding-load';
import { asDone, floorState, placeOfLine } from './floor-state';
import { floorSteps } from './floor';
import { needsFromLog } from './needs';
import { fromHere } from './next-set';
import { asksWhy, offeredFor } from './offering';
import { progress } from './progress';
import { minutesTrained, sessionDay } from './session-day';
import { fittingRest, minutesLeft } from './time-left';
import { plannedLog, readLog } from './typed-log';
import { unlikely } from './unlikely';
import { whatNext } from './what-next';

const cases = [soundCase, ...randomCases(9), ...ruleCases.filter((_, i) => i % 14 === 0)];
const days = new Map(cases.map((one) => [one, loggedDays(one, 4)]));

test('the next set after any done before it is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'next',
    byName(cases, (one, measured) => {
      const today = days.get(one)!.filter((set) => set.sessionId === 's3');
      return [1, 2, 4, 7].map((many) => {
        const done = today.slice(0, many).map(asDone);
        const { next, ...here } = fromHere(measured, done);
        return [
          here,
          [...next].map(([line, sets]) => [line, sets.filter((_, i) => i % 2 === 0)]),
          measured.lines.slice(0, 3).map((m) => offeredFor(m, 0, next.get(m.id)?.[0])),
          measured.lines.slice(0, 3).map((m) => findingLoad(m, 0, done, one.context)),
          measured.lines.slice(0, 3).map((m) => [0, 3, 6, 20].map((reps) => asksWhy(m, 0, reps))),
        ];
      });
    }),
  );
});

test('what the log says of lifts, and proposes, is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'proposals',
    byName(cases, (one, measured) => {
      const sets = days.get(one)!;
      const after = afterLogging(one, sets);
      const lifts = progress(after.context);
      return [needsFromLog(after.context), lifts, whatNext(measured, sets, lifts)];
    }),
  );
});

test('the floor goes through a session as it did', () => {
  expectPinned(
    import.meta.dirname,
    'floor',
    byName(cases, (one, measured) => {
      const today = days.get(one)!.filter((set) => set.sessionId === 's3');
      const soFar = { sets: today.slice(0, 5), ticked: [] };
      const state = floorState(measured, one.session, today.slice(0, 5), []);
      return [
        floorSteps(measured).map((step) => [step.is, step.id, step.workS, step.restS]),
        [state.at, state.done, state.leftOut, state.open, state.openLines, state.doubles.length],
        minutesLeft(measured, soFar),
        atOneGo(fittingRest(one.session, one.context, soFar, 20)),
        measured.lines.map((m) => placeOfLine(one.session, m.id)),
        measured.lines
          .slice(0, 4)
          .flatMap((m) =>
            [5, 60, 250].map((loadKg) =>
              unlikely({ loadKg, reps: 3, reserve: 0, heldS: null }, m, 0, one.context),
            ),
          ),
      ];
    }),
  );
});

test('typed logs and tables are read as they were', () => {
  const [first] = cases;
  const { lines } = measuredOf(first!);
  const texts = [
    '80x8 80x7 75x6',
    '80 8 8 7',
    'x8,8,7 @80',
    '3x8 80kg 2 left',
    '60/10 r1',
    '8@80 fail',
    '80 x 8 note',
  ];
  expectPinned(
    import.meta.dirname,
    'planned',
    byName(cases, ({ context }, m) => plannedLog(m.lines, context.client.unit)),
  );
  expectPinned(import.meta.dirname, 'typed', {
    ...Object.fromEntries(
      texts.flatMap((text) =>
        (['kg', 'lb'] as const).map((unit) => [
          `${text} ${unit}`,
          readLog(
            lines.map((m, i) => `${m.name} ${i % 2 ? text : texts[i]}`).join('\n'),
            lines as never,
            unit,
          ),
        ]),
      ),
    ),
    again: readLog(plannedLog(lines as never, 'kg'), lines as never, 'kg'),
    table: logFromTable([
      ['exercise', 'set', 'weight', 'reps', 'rir'],
      ['Bench press', '1', '80', '8', '2'],
      ['Bench press', '2', '82.5', '7', '1'],
      ['Pushdown', '1', '25', '12', ''],
    ]),
    days: [
      minutesTrained([0, 60_000, 200_000, 4_000_000, 4_060_000], 90),
      sessionDay([], null, 1_790_000_000_000, '2026-11-24'),
      sessionDay([{ doneOn: '2026-11-23' }], null, 1_790_000_000_000, '2026-11-24'),
    ],
  });
});

test('and after days of many sessions', () => {
  pinMany(
    import.meta.dirname,
    [...randomCases(60), ...ruleCases.filter((_, i) => i % 3 === 0)],
    (one, measured) => {
      const sets = loggedDays(one, 3);
      const today = sets.filter((set) => set.sessionId === 's2');
      const after = afterLogging(one, sets);
      const lifts = progress(after.context);
      return [
        [1, 3, 6].map((many) => {
          const done = today.slice(0, many).map(asDone);
          const { next, says } = fromHere(measured, done);
          return [[...next], says, measured.lines.map((m) => findingLoad(m, 0, done, one.context))];
        }),
        lifts,
        needsFromLog(after.context),
        whatNext(measured, sets, lifts),
        minutesLeft(measured, { sets: today.slice(0, 4), ticked: [] }),
        readLog(plannedLog(measured.lines, 'kg'), measured.lines, 'kg'),
        measured.lines.map((m) =>
          [1, 20, 75, 300].map((loadKg) =>
            unlikely({ loadKg, reps: 8, reserve: 1, heldS: null }, m, 0, one.context),
          ),
        ),
      ];
    },
  );
});
