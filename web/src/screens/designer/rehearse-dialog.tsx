import type { Rehearsal, RehearsedSet } from '@drimbo/core/lifter';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { useRehearsal } from '../../data/use-rehearsal';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { Progress } from '../../parts/progress';
import { plainTable } from '../../parts/table-look';
import type { Designer } from '../../state/use-designer';

const RUNS = 1000;

const Table = styled.div`
  ${plainTable}
  margin-top: 10px;
  font-size: ${size.small};
  td {
    white-space: nowrap;
  }
  .bar {
    display: flex;
    width: 150px;
    height: 9px;
    border: 1px solid ${ink.ink};
  }
  .short {
    background: ${ink.ink};
  }
  .easy {
    background: repeating-linear-gradient(90deg, ${ink.ink} 0 1px, transparent 1px 4px);
  }
`;

const percent = (share: number): string => `${Math.round(share * 100)} %`;

function Row({ name, set, of }: { name: string | null; set: RehearsedSet; of: number }): ReactNode {
  return (
    <tr>
      {name !== null && (
        <th scope="rowgroup" rowSpan={of}>
          {name}
        </th>
      )}
      <td>{set.setIndex + 1}</td>
      <td>
        <div
          className="bar"
          role="img"
          aria-label={`short ${percent(set.short)}, in range ${percent(set.inRange)}, too easy ${percent(set.easy)}`}
        >
          <span className="short" style={{ width: `${100 * set.short}%` }} />
          <span style={{ width: `${100 * set.inRange}%` }} />
          <span className="easy" style={{ width: `${100 * set.easy}%` }} />
        </div>
      </td>
      <td>{percent(set.inRange)}</td>
      <td>{percent(set.short)}</td>
      <td>{percent(set.easy)}</td>
      <td>{set.reps}</td>
    </tr>
  );
}

function Told({ of, minutes }: { of: Rehearsal; minutes: number }): ReactNode {
  const { low, high, middle } = of.minutes;
  const open = of.lines.filter((l) => l.sets === null || l.sets.length === 0);
  return (
    <>
      <p>
        It takes {Math.round(middle)} minutes, from {Math.round(low)} to {Math.round(high)} in eight of ten
        runs; in {percent(of.over)} of them more than the {minutes} there are.
      </p>
      <Table>
        <table>
          <thead>
            <tr>
              <th scope="col">Movement</th>
              <th scope="col">Set</th>
              <th scope="col">short, in range, too easy</th>
              <th scope="col">In range</th>
              <th scope="col">Short</th>
              <th scope="col">Too easy</th>
              <th scope="col">Reps</th>
            </tr>
          </thead>
          {of.lines.map((l) => (
            <tbody key={l.id}>
              {(l.sets ?? []).map((s, i) => (
                <Row key={s.setIndex} name={i === 0 ? l.name : null} set={s} of={l.sets!.length} />
              ))}
            </tbody>
          ))}
        </table>
      </Table>
      {open.length > 0 && (
        <p style={{ color: ink.soft }}>
          Not rehearsed: {open.map((l) => l.name.toLowerCase()).join('; ')}. Their loads are found on the day.
        </p>
      )}
      <p style={{ color: ink.soft, marginTop: 8 }}>
        A model’s estimate: somebody as strong as the figures say, as surely as they say it, on days as they
        come.
      </p>
    </>
  );
}

/** The session run through a thousand times before anybody lifts it. */
export function RehearseDialog({ designer, close }: { designer: Designer; close: () => void }): ReactNode {
  const { session, context } = designer;
  const state = useRehearsal(session, context, RUNS);
  return (
    <Dialog title="Rehearse this session" isOpen onClose={close} widthPx={640}>
      {() => (
        <>
          <div role="status">
            {state.is === 'running' && (
              <Progress says={`Running it ${RUNS} times`} done={state.done} onStop={close} />
            )}
            {state.is === 'failed' && <p>It cannot be rehearsed: {state.why}</p>}
          </div>
          {state.is === 'done' && <Told of={state.of} minutes={session.minutes} />}
          <DialogFeet>
            <Button onPress={close}>Close</Button>
          </DialogFeet>
        </>
      )}
    </Dialog>
  );
}
