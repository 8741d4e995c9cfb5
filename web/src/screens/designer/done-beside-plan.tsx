import { otherNameOf, type PerformedSet } from '@drimbo/core/log';
import type { MeasuredLine } from '@drimbo/core/measure';
import { schemeText, standing } from '@drimbo/core/session';
import { massText } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink } from '../../look/theme';
import { plainTable } from '../../parts/table-look';
import type { Designer } from '../../state/use-designer';

const Frame = styled.div`
  ${plainTable}
`;

type Done = Pick<
  PerformedSet,
  'lineId' | 'setIndex' | 'kind' | 'loadKg' | 'reps' | 'reserve' | 'heldS' | 'movement' | 'rig'
>;

/** Sets as they are told: "80 kg × 8, 8, 7". */
function told(sets: readonly Done[], m: Pick<MeasuredLine, 'movement'>, unit: 'kg' | 'lb'): string {
  const parts: string[] = [];
  let load = '';
  for (const s of sets) {
    const of = otherNameOf(s, m);
    const what = `${of === null ? '' : `${of} `}${massText(s.loadKg, unit)}`;
    const count = s.kind === 'hold' ? `${s.heldS} s` : String(s.reps);
    if (what === load) parts[parts.length - 1] += `, ${count}`;
    else parts.push(`${what} × ${count}`);
    load = what;
  }
  const last = sets.findLast((s) => s.kind === 'set');
  const left = last === undefined ? '' : last.reserve === null ? ', left not said' : `, ${last.reserve} left`;
  return sets.length > 0 ? parts.join('; ') + left : '';
}

/** The plan beside what was done, set by set. */
export function Beside({ designer, done }: { designer: Designer; done: readonly Done[] }): ReactNode {
  const { unit } = designer.context.client;
  return (
    <Frame>
      <table>
        <thead>
          <tr>
            <th scope="col">Movement</th>
            <th scope="col">Planned</th>
            <th scope="col">Done</th>
          </tr>
        </thead>
        <tbody>
          {designer.appraisal.lines.map((m) => (
            <tr key={m.id}>
              <th scope="row">{m.name}</th>
              <td>
                {schemeText(m.line.scheme)}
                {m.sets[0]?.kg != null && `, ${massText(m.sets[0].kg, unit)}`}
              </td>
              <td>
                {told(
                  done.filter((s) => s.lineId === m.id).sort((a, b) => a.setIndex - b.setIndex),
                  m,
                  unit,
                ) || <span style={{ color: ink.soft }}>nothing</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Frame>
  );
}

/** What was left out on the floor, and why. */
export function LeftOut({ designer }: { designer: Designer }): ReactNode {
  const { session, appraisal } = designer;
  const out = standing(session.changes ?? []).flatMap((c) => (c.is === 'left out' ? [c] : []));
  const name = (line: string): string => appraisal.lines.find((m) => m.id === line)?.name ?? 'a movement';
  if (out.length === 0) return null;
  return (
    <p>
      Left out:{' '}
      {out
        .map((c) => {
          const what = c.sets
            ? `${name(c.line)}, set ${c.sets.map((s) => s + 1).join(', ')}`
            : `what was left of ${name(c.line)}`;
          return c.why ? `${what} (${c.why})` : what;
        })
        .join('; ')}
    </p>
  );
}
