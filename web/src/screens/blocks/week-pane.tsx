import type { DaySheet, WeekSheet } from '@drimbo/core/block';
import { daysAfter } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { BandRows } from '../../drawings/band-rows';
import { SmallScore } from '../../drawings/small-score';
import { ink, size } from '../../look/theme';
import { TextButton } from '../../parts/text-button';
import { dayWords, setsIn } from './words';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  .strip {
    display: grid;
    grid-template-columns: repeat(7, minmax(0, 1fr));
    gap: 6px;
    margin-bottom: 10px;
  }
  .strip > div {
    border: 1px solid ${ink.hush};
    border-radius: 3px;
    padding: 4px 6px;
    min-height: 92px;
    min-width: 0;
  }
  .strip > [data-today] {
    border: 2px solid ${ink.ink};
  }
  .date {
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  .name {
    font-weight: 620;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .foot {
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  @media (max-width: 640px) {
    .strip {
      grid-template-columns: minmax(0, 1fr);
    }
    .strip > div {
      min-height: 0;
    }
  }
`;

/** Push days of the week that can be held against each other. */
function comparable(days: readonly DaySheet[]): [string, string] | null {
  const ids = [
    ...new Set(days.filter((d) => !d.isShort && !d.isMissing && d.sessionId).map((d) => d.sessionId!)),
  ];
  return ids.length >= 2 ? [ids[0]!, ids[1]!] : null;
}

/** One week: its days as small scores, and what they give together against the bands. */
export function WeekPane({
  week,
  today,
  onDay,
}: {
  week: WeekSheet;
  today: string;
  onDay: (day: number) => void;
}): ReactNode {
  const pair = comparable(week.days);
  return (
    <Body>
      <div className="strip">
        {Array.from({ length: 7 }, (_, i) => {
          const date = daysAfter(week.from, i);
          const here = week.days.filter((d) => d.placed.date === date);
          return (
            <div key={date} data-today={date === today || undefined}>
              <span className="date">{dayWords(date)}</span>
              {here.map((d) => (
                <div key={d.placed.day}>
                  <div className="name">
                    <TextButton onPress={() => onDay(d.placed.day)}>{d.name}</TextButton>
                  </div>
                  <SmallScore
                    bars={d.bars}
                    totalS={d.totalS}
                    heightPx={34}
                    isPale={d.placed.state === 'left out'}
                  />
                  <div className="foot">
                    {d.placed.state === 'left out'
                      ? 'left out'
                      : `${d.difficulty.name}, ${Math.round(d.difficulty.sum)}${d.isShort || d.isMissing ? '' : `; ${setsIn(d)} sets, ${Math.round(d.minutes ?? 0)} min`}`}
                  </div>
                </div>
              ))}
              {here.length === 0 && <div className="foot">off</div>}
            </div>
          );
        })}
      </div>
      <BandRows label={`Hard sets of week ${week.week + 1} against their bands`} groups={week.groups} />
      {pair && (
        <p style={{ marginTop: 6 }}>
          <Link to={`/sessions/compare?a=${pair[0]}&b=${pair[1]}`}>
            Hold the two push days against each other
          </Link>
        </p>
      )}
    </Body>
  );
}
