import {
  type DaySheet,
  isShortDay,
  phaseAt,
  type PlacedDay,
  type WeekSheet,
  weeksOf,
} from '@drimbo/core/block';
import { daysAfter, daysBetween, type MassUnit, weekdayOf, weekdays } from '@drimbo/core/units';
import { useEffect, useMemo, useRef, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { SmallScore } from '../../drawings/small-score';
import { ink, narrow, size } from '../../look/theme';
import { Place, Thing } from '../../parts/places';
import { TextButton } from '../../parts/text-button';
import type { BlockDesk } from '../../state/use-block';
import { DayPlaces, thingOf, useDays } from './day-places';
import { dayLabel, setsIn, sheetsOf, shortDay, topLoad } from './words';

const Wrap = styled.div`
  overflow-x: auto;
  position: relative;
  padding: 0 12px 10px 0;
`;
const Calendar = styled.div<{ $weeks: number }>`
  display: grid;
  grid-template-columns: 46px repeat(${(p) => p.$weeks}, minmax(70px, 1fr));
  min-width: ${(p) => 46 + p.$weeks * 70}px;
  font-size: ${size.fine};
  > .phase {
    border-bottom: 2px solid ${ink.ink};
    margin-right: 6px;
    padding: 2px 4px;
    font-weight: 650;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  > .week {
    padding: 3px 4px 4px;
    border-left: 1px solid ${ink.hush};
    color: ${ink.soft};
    ${narrow}
  }
  > .week button {
    font-weight: 650;
    color: ${ink.ink};
  }
  > .week[data-chosen] {
    background: ${ink.chosen};
  }
  > .weekday {
    color: ${ink.soft};
    padding-top: 5px;
  }
  > .weekday,
  > .corner {
    position: sticky;
    left: 0;
    padding-left: 12px;
    z-index: 1;
    background: ${ink.sheet};
  }
  > .cell {
    border-left: 1px solid ${ink.hush};
    border-top: 1px solid ${ink.hush};
    min-height: 43px;
    min-width: 0;
    padding: 1px;
  }
  > .cell[data-today] {
    outline: 2px solid ${ink.ink};
    outline-offset: -2px;
  }
  > .cell[data-over] {
    background: ${ink.chosen};
  }
  > .cell[data-light] {
    background: ${ink.ground};
  }
  .name {
    display: flex;
    justify-content: space-between;
    gap: 3px;
    font-weight: 620;
    line-height: 1.25;
    white-space: nowrap;
    ${narrow}
  }
  .name > :first-child {
    overflow: hidden;
    text-overflow: ellipsis;
  }
  .foot {
    display: flex;
    justify-content: space-between;
    gap: 4px;
    color: ${ink.soft};
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    line-height: 1.2;
    ${narrow}
  }
  [data-state='left out'] .name {
    text-decoration: line-through;
    color: ${ink.soft};
    font-weight: 420;
  }
`;

/** What is special about a day, in a sign or a word. */
const markOf = (p: PlacedDay, isMoved: boolean): string =>
  p.state === 'done' ? '✓' : p.light ? 'light' : p.kitId !== null ? 'away' : isMoved ? '↷' : '';

/** Keeps the place of a line that is still to come, so that nothing moves under somebody's hand. */
const toCome = ['\u00a0'];

/** What is written under the name of a day: sets, the load it leads with, what is special; a short day only how hard. */
function footOf(
  p: PlacedDay,
  sheet: DaySheet | undefined,
  unit: MassUnit,
  isMoved: boolean,
): readonly string[] {
  if (p.state === 'left out') return [];
  if (!sheet) return toCome;
  const mark = markOf(p, isMoved);
  if (sheet.isShort) return [sheet.difficulty.name, mark];
  return [sheet.isMissing ? 'no session' : `${setsIn(sheet)}`, topLoad(sheet, unit), mark];
}

const signed = (n: number): string => (n > 0 ? `+${n}` : `−${-n}`);

/** What a week asks on top of its sessions, short. */
function ruleWords({ rule }: Pick<WeekSheet, 'rule'>): string {
  if (rule.light) return 'lighter';
  const parts = [
    ...(rule.sets === 0 ? [] : [`${signed(rule.sets)} ${Math.abs(rule.sets) === 1 ? 'set' : 'sets'}`]),
    ...(rule.reserve === 0 ? [] : [`leave ${Math.abs(rule.reserve)} ${rule.reserve > 0 ? 'more' : 'less'}`]),
  ];
  return parts.join(', ') || 'as written';
}

/** The block at a glance: weeks across, days down; a day is dragged to another date. */
export function Grid({
  desk,
  week,
  onWeek,
  day,
  onDay,
}: {
  desk: BlockDesk;
  week: number;
  onWeek: (week: number) => void;
  day: number | null;
  onDay: (day: number) => void;
}): ReactNode {
  const { block, appraisal, context } = desk;
  const { days, nameOf } = useDays(desk);
  const sheets = useMemo(() => (appraisal ? sheetsOf(appraisal) : new Map()), [appraisal]);
  const last = days.at(-1)?.date ?? block.startsOn;
  const weeks = Math.max(weeksOf(block), Math.floor(daysBetween(block.startsOn, last) / 7) + 1);
  const moved = useMemo(() => new Set(block.moved.map((m) => m.day)), [block.moved]);
  const byDate = useMemo(() => {
    const map = new Map<string, PlacedDay[]>();
    for (const p of days) map.set(p.date, [...(map.get(p.date) ?? []), p]);
    return map;
  }, [days]);
  const ruleOf = (w: number) => block.weeks[Math.min(w, block.weeks.length - 1)]!;
  const phases = block.phases.map((phase, i) => ({
    phase,
    from: block.phases.slice(0, i).reduce((n, p) => n + p.weeks, 0),
  }));
  const wrap = useRef<HTMLDivElement>(null);
  // On a narrow screen the weeks that come are looked for first.
  useEffect(() => {
    const cell = wrap.current?.querySelector<HTMLElement>('.week[data-chosen]');
    if (wrap.current && cell) wrap.current.scrollLeft = Math.max(0, cell.offsetLeft - 120);
  }, []);
  return (
    <Wrap ref={wrap} tabIndex={0} role="region" aria-label="Weeks and days">
      <DayPlaces desk={desk}>
        <Calendar $weeks={weeks} data-testid="block-grid">
          <span className="corner" />
          {phases.map(({ phase, from }) => (
            <span
              key={from}
              className="phase"
              style={{ gridColumn: `${from + 2} / span ${Math.min(phase.weeks, weeks - from)}` }}
            >
              {phase.goal || phase.aim}
            </span>
          ))}
          {weeks > weeksOf(block) && <span style={{ gridColumn: `span ${weeks - weeksOf(block)}` }} />}
          <span className="corner" />
          {Array.from({ length: weeks }, (_, w) => (
            <div key={w} className="week" data-chosen={w === week || undefined}>
              <TextButton
                aria-pressed={w === week}
                aria-label={`Week ${w + 1}, ${phaseAt(block, w).phase.goal}, from ${shortDay(daysAfter(block.startsOn, 7 * w))}`}
                onPress={() => onWeek(w)}
              >
                {w + 1}
              </TextButton>{' '}
              {shortDay(daysAfter(block.startsOn, 7 * w))}
              <br />
              {ruleWords({ rule: ruleOf(w) })}
            </div>
          ))}
          {Array.from({ length: 7 }, (_, d) => [
            <span key={`name ${d}`} className="weekday">
              {weekdays[weekdayOf(daysAfter(block.startsOn, d))]}
            </span>,
            ...Array.from({ length: weeks }, (_w, w) => {
              const date = daysAfter(block.startsOn, 7 * w + d);
              const here = byDate.get(date) ?? [];
              return (
                <Place key={date} id={date}>
                  {({ keep, isOver }) => (
                    <div
                      className="cell"
                      ref={keep}
                      data-date={date}
                      data-over={isOver || undefined}
                      data-today={date === context.todayIso || undefined}
                      data-light={ruleOf(w).light || undefined}
                    >
                      {here.map((p) => {
                        const sheet = sheets.get(p.day);
                        const foot = footOf(p, sheet, context.client.unit, moved.has(p.day));
                        const isLight = ruleOf(p.week).light || p.light;
                        const training = block.days.find((d) => d.id === p.training);
                        const isDrawn = p.state !== 'left out' && !(training && isShortDay(training, p));
                        return (
                          <Thing
                            key={p.day}
                            id={thingOf(p)}
                            label={dayLabel([nameOf(p), ...foot], date, sheet, isLight)}
                            isFixed={p.state !== 'planned'}
                            isChosen={p.day === day}
                            onPress={() => onDay(p.day)}
                          >
                            <div data-state={p.state}>
                              <div className="name">
                                <span>{nameOf(p)} </span>
                              </div>
                              {isDrawn && (
                                <SmallScore
                                  bars={sheet?.bars ?? []}
                                  totalS={sheet?.totalS ?? 1}
                                  heightPx={14}
                                  isOneLane
                                  isPale={p.state === 'done'}
                                />
                              )}
                              {foot.length > 0 && (
                                <div className="foot">
                                  {foot.map((word, i) => (
                                    <span key={i}>{word} </span>
                                  ))}
                                </div>
                              )}
                            </div>
                          </Thing>
                        );
                      })}
                    </div>
                  )}
                </Place>
              );
            }),
          ])}
        </Calendar>
      </DayPlaces>
    </Wrap>
  );
}
