import { type Caution, faults, type Teaching } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';

export const Notes = styled.div`
  padding: 0 12px 10px;
  font-size: ${size.small};
  display: grid;
  p,
  li {
    border-top: 1px solid ${ink.hush};
    padding: 4px 0;
  }
  li {
    display: grid;
    grid-template-columns: 52px 1fr;
    align-items: baseline;
    span {
      color: ${ink.soft};
      font-size: ${size.fine};
    }
  }
  .soft {
    color: ${ink.soft};
  }
  b {
    color: ${ink.ink};
    font-weight: 650;
  }
`;

/** What is taught about a movement: cues, faults with what they cost, cautions, disputes. */
export function TeachingNotes({
  taught,
  cautions,
  kept,
}: {
  taught: Teaching;
  cautions: readonly Caution[];
  kept: readonly string[];
}): ReactNode {
  const { cues } = taught;
  const said: [string, string][] = [
    ['Set-up', cues.setUp],
    ...cues.path.map((c): [string, string] => ['Path', c]),
    ['Finish', cues.finish],
    ['Breath', cues.breathing],
  ];
  return (
    <>
      <SheetHead>
        <h2>Cues</h2>
      </SheetHead>
      <Notes>
        <ul>
          {kept.map((c) => (
            <li key={c}>
              <span>Yours</span> {c}
            </li>
          ))}
          {said.map(([when, c]) => (
            <li key={c}>
              <span>{when}</span> {c}
            </li>
          ))}
        </ul>
      </Notes>
      <SheetHead>
        <h2>Look for</h2>
      </SheetHead>
      <Notes>
        {taught.faultIds.map((id) => (
          <p key={id} className="soft">
            <b>{faults[id]!.seen}.</b> {faults[id]!.cost}. {faults[id]!.fix}.
          </p>
        ))}
      </Notes>
      <SheetHead>
        <h2>Cautions</h2>
      </SheetHead>
      <Notes>
        {cautions.map((c) => (
          <p key={c.limit} className="soft">
            <b>Caution, {c.limit}.</b> {c.say}
          </p>
        ))}
        <p className="soft">Pain, illness or doubt go to a clinician first.</p>
      </Notes>
      {taught.disputed && (
        <>
          <SheetHead>
            <h2>Where coaches disagree</h2>
          </SheetHead>
          <Notes>
            <p className="soft">{taught.disputed}</p>
          </Notes>
        </>
      )}
    </>
  );
}
