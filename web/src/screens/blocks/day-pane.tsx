import { type DaySheet, type LineSheet, placed } from '@drimbo/core/block';
import { massRange, type MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';
import { plainTable } from '../../parts/table-look';
import type { BlockDesk } from '../../state/use-block';
import { Actions } from './day-actions';
import { dayWords, loadWords } from './words';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: end;
    margin-top: 8px;
  }
  ${plainTable}
  table {
    margin-top: 6px;
  }
  td:first-child {
    font-weight: 620;
  }
  .soft {
    color: ${ink.soft};
  }
`;

const stepWords: Record<NonNullable<LineSheet['step']>, string> = {
  first: '',
  stays: 'as the time before',
  up: 'a step up, if the last set was clean',
  down: 'a step lighter',
  'lighter week': 'lighter week',
};

function Lines({ sheet, unit }: { sheet: DaySheet; unit: MassUnit }): ReactNode {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Movement</th>
          <th scope="col">Sets</th>
          <th scope="col">Load, and where it may lie</th>
          <th scope="col">Expected reps</th>
        </tr>
      </thead>
      <tbody>
        {sheet.lines.map((l) => (
          <tr key={l.id}>
            <td>{l.name}</td>
            <td>
              {l.sets} <span className="soft">leave {l.reserve}</span>
            </td>
            <td>
              {loadWords(l, unit)}{' '}
              {l.lowKg !== null && l.highKg !== null && l.lowKg !== l.highKg && (
                <span className="soft">{massRange(l.lowKg, l.highKg, unit)}</span>
              )}
            </td>
            <td>
              {l.reps === null
                ? ''
                : l.reps.first === l.reps.last
                  ? l.reps.first
                  : `${l.reps.first} → ${l.reps.last}`}{' '}
              <span className="soft">
                {l.step && sheet.placed.state === 'planned' ? stepWords[l.step] : ''}
                {l.rackEndsKg !== null && sheet.placed.state === 'planned' ? ' the rack ends here' : ''}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One day of the block: what its week makes of its session, and what can be done with it. */
export function DayPane({ desk, sheet }: { desk: BlockDesk; sheet: DaySheet }): ReactNode {
  const { unit } = desk.context.client;
  const { placed: p, difficulty } = sheet;
  const next = placed(desk.block).find((x) => x.day > p.day && x.training === p.training);
  return (
    <Body>
      <p>
        <b>{dayWords(p.date)}</b>
        {p.date !== p.planned && <span className="soft">, planned for {dayWords(p.planned)}</span>}, week{' '}
        {p.week + 1}:{' '}
        {sheet.sessionId && !sheet.isMissing ? (
          <Link to={`/sessions/${sheet.sessionId}`}>{sheet.title}</Link>
        ) : (
          sheet.title
        )}
        {sheet.minutes !== null && `, ${Math.round(sheet.minutes)} min`}
        {next && <span className="soft">; the next is on {dayWords(next.date)}</span>}
      </p>
      {sheet.sessionId && sheet.placed.session === null && !sheet.isMissing && p.state === 'planned' && (
        <p className="soft">
          As this week has it. Changing the session changes every week that is not done; a day that is done
          stays as it was.
        </p>
      )}
      <p>
        A <b>{difficulty.name}</b> day, {Math.round(difficulty.sum)}:{' '}
        <span className="soft">
          {difficulty.terms.map((t) => `${t.says.toLowerCase()} ${t.points.toFixed(1)}`).join(', ') ||
            'nothing'}
          . Sets by how near failure, how much muscle moves and what the spine carries; a model’s estimate.
        </span>
      </p>
      {sheet.stops.map((says) => (
        <p key={says} role="alert">
          ▲ {says}
        </p>
      ))}
      {sheet.lines.length > 0 && <Lines sheet={sheet} unit={unit} />}
      <Actions desk={desk} sheet={sheet} />
    </Body>
  );
}
