import { groupIds, groupNames } from '@drimbo/core/anatomy';
import { type PlacedDay, setsText, type TrainingBlock } from '@drimbo/core/block';
import type { Session } from '@drimbo/core/session';
import { daysAfter, daysBetween, weekdayOf, weekdays } from '@drimbo/core/units';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { memo, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { SmallScore } from '../../drawings/small-score';
import { ink, narrow, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { Place, Thing } from '../../parts/places';
import { useOpenedBlock, type OpenedBlock } from '../../state/opened-block';
import { useBlock } from '../../state/use-block';
import { DayPlaces, thingOf, useDays } from './day-places';
import { dayLabel, sheetsOf } from './words';

const Strip = styled.section`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: stretch;
  gap: 8px;
  background: ${ink.sheet};
  border: 1px solid ${ink.rule};
  border-radius: 4px;
  padding: 2px 8px;
  margin-bottom: 8px;
  font-size: ${size.fine};
  .nav {
    display: flex;
    align-items: center;
  }
  .days {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
  }
  .cell {
    border-left: 1px solid ${ink.hush};
    min-width: 0;
  }
  .cell[data-today] {
    box-shadow: inset 0 2px 0 ${ink.ink};
  }
  .cell[data-over] {
    background: ${ink.chosen};
  }
  .date {
    color: ${ink.soft};
    padding-left: 5px;
    ${narrow}
  }
  .name {
    font-weight: 650;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    line-height: 1.2;
    ${narrow}
  }
  .sum {
    align-self: center;
    color: ${ink.soft};
    text-align: right;
    max-width: 250px;
    ${narrow}
  }
  .sum b {
    color: ${ink.ink};
    font-weight: 650;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    .sum {
      text-align: left;
      max-width: none;
    }
  }
`;

const uses = (block: TrainingBlock, p: PlacedDay, sessionId: string): boolean => {
  const does = block.days.find((d) => d.id === p.training)?.does;
  return (p.session ?? (does?.is === 'session' ? does.session : null)) === sessionId;
};

const weekNumber = (block: TrainingBlock, date: string): number =>
  Math.max(0, Math.floor(daysBetween(block.startsOn, date) / 7));

function Days({
  opened,
  id,
  sessionId,
  session,
  onOpen,
}: {
  opened: OpenedBlock;
  id: string;
  sessionId: string;
  session: Session;
  onOpen: (sessionId: string) => void;
}): ReactNode {
  const desk = useBlock(opened);
  const { block, appraisal, context, know } = desk;
  // What is being edited counts as it stands, a moment after the last key.
  useEffect(() => {
    const timer = setTimeout(() => know(sessionId, session), 400);
    return () => clearTimeout(timer);
  }, [know, sessionId, session]);
  const { days, nameOf } = useDays(desk);
  const [week, setWeek] = useState(() => {
    const next = days.find((p) => p.date >= context.todayIso && uses(block, p, sessionId));
    const own = next ?? days.find((p) => uses(block, p, sessionId));
    return weekNumber(block, own?.date ?? context.todayIso);
  });
  const sheets = useMemo(() => (appraisal ? sheetsOf(appraisal) : new Map()), [appraisal]);
  const from = daysAfter(block.startsOn, 7 * week);
  const sheet = appraisal?.weeks[week];
  const open = (p: PlacedDay): void => {
    const to = sheets.get(p.day)?.sessionId;
    if (to && to !== sessionId) onOpen(to);
  };
  return (
    <Strip aria-label={`Week ${week + 1} of ${block.title}`}>
      <div className="nav">
        <Button
          kind="quiet"
          small
          aria-label="The week before"
          isDisabled={week === 0}
          onPress={() => setWeek(week - 1)}
        >
          <ChevronLeft size={14} aria-hidden />
        </Button>
        <span>
          <Link to={`/blocks/${id}`}>Week {week + 1}</Link>
        </span>
        <Button
          kind="quiet"
          small
          aria-label="The week after"
          isDisabled={week + 1 >= block.weeks.length}
          onPress={() => setWeek(week + 1)}
        >
          <ChevronRight size={14} aria-hidden />
        </Button>
      </div>
      <DayPlaces desk={desk}>
        <div className="days">
          {Array.from({ length: 7 }, (_, i) => {
            const date = daysAfter(from, i);
            const here = days.filter((p) => p.date === date);
            return (
              <Place key={date} id={date}>
                {({ keep, isOver }) => (
                  <div
                    className="cell"
                    ref={keep}
                    data-over={isOver || undefined}
                    data-today={date === context.todayIso || undefined}
                  >
                    <div className="date">
                      {weekdays[weekdayOf(date)]} {Number(date.slice(8))}
                      {here.some((p) => p.state === 'done') && ' ✓'}
                    </div>
                    {here.map((p) => {
                      const drawn = sheets.get(p.day);
                      return (
                        <Thing
                          key={p.day}
                          id={thingOf(p)}
                          label={dayLabel([nameOf(p)], date, drawn, false)}
                          isFixed={p.state !== 'planned'}
                          isChosen={uses(block, p, sessionId)}
                          onPress={() => open(p)}
                        >
                          <div className="name">{nameOf(p)}</div>
                          <SmallScore
                            bars={drawn?.bars ?? []}
                            totalS={drawn?.totalS ?? 1}
                            heightPx={11}
                            isOneLane
                            isPale={p.state === 'left out'}
                          />
                        </Thing>
                      );
                    })}
                  </div>
                )}
              </Place>
            );
          })}
        </div>
      </DayPlaces>
      <div className="sum">
        {sheet
          ? groupIds.map((g, i) => {
              const { sets, band } = sheet.groups[g];
              const isOut = sets > band.hi + 0.5 || sets < band.lo - 0.5;
              const words = `${groupNames[g].toLowerCase()} ${setsText(sets)}`;
              return (
                <span key={g}>
                  {i > 0 && ', '}
                  {isOut ? (
                    <b>
                      {words} of {band.lo}–{band.hi}
                    </b>
                  ) : (
                    words
                  )}
                </span>
              );
            })
          : 'measuring the week…'}
      </div>
    </Strip>
  );
}

function WeekOf({
  id,
  sessionId,
  session,
  onOpen,
}: {
  /** The block. */
  id: string;
  sessionId: string;
  session: Session;
  onOpen: (sessionId: string) => void;
}): ReactNode {
  const { opened } = useOpenedBlock(id);
  return opened ? (
    <Days opened={opened} id={id} sessionId={sessionId} session={session} onOpen={onOpen} />
  ) : null;
}

/** The week a session stands in: its days as small scores, and what they give together. */
export const WeekStrip = memo(WeekOf);
