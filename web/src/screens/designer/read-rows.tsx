import type { PastedRow } from '@drimbo/core/shorthand';
import { schemeText } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ComboBox } from '../../parts/combo-box';
import { LinkButton } from '../../parts/link-button';
import { ink, size } from '../../look/theme';

const Rows = styled.ol`
  list-style: none;
  padding: 0;
  font-size: ${size.small};
  max-height: 440px;
  overflow-y: auto;
  li {
    border-bottom: 1px solid ${ink.hush};
    padding: 5px 0;
  }
  li[data-paired='true'] {
    padding-left: 14px;
  }
  li[data-kind='heading'] {
    color: ${ink.soft};
    font-weight: 620;
  }
  b {
    font-weight: 660;
  }
  u {
    text-decoration-style: wavy;
    text-underline-offset: 3px;
  }
  .which {
    display: inline-grid;
    width: 180px;
  }
  .soft {
    color: ${ink.soft};
  }
  .text {
    color: ${ink.soft};
    font-size: ${size.fine};
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 8px;
  }
`;

interface Name {
  id: string;
  name: string;
}

/** The movement, its figures, and what of the line is kept as a note. */
function Movement({ row }: { row: PastedRow }): ReactNode {
  if (!row.line) return <b>Which movement?</b>;
  const scheme = schemeText(row.line.scheme);
  return (
    <>
      <b>{row.name}</b>{' '}
      <span>
        {scheme}
        {row.understood.map((u) => (u.isScheme ? '' : `, ${u.as}`))}
      </span>
      {row.unknown.length > 0 && (
        <span className="soft">
          {' '}
          kept as a note: <u>{row.unknown.join('; ')}</u>
        </span>
      )}
    </>
  );
}

function ReadRow({
  row,
  names,
  choose,
}: {
  row: PastedRow;
  names: readonly Name[];
  choose: (entryId: string) => void;
}): ReactNode {
  if (row.kind === 'heading') return <li data-kind="heading">{row.text}</li>;
  if (row.kind === 'remark')
    return (
      <li data-kind="remark" className="soft">
        “{row.text}” goes to the note of the session
      </li>
    );
  const nearest = row.choices.map((c) => ({ id: c.entry.id, name: c.entry.name }));
  const others = names.filter((n) => !nearest.some((c) => c.id === n.id));
  const doubtful = row.line === null || row.unknown.length > 0;
  return (
    <li data-paired={row.paired} data-doubtful={doubtful} data-kind={row.kind}>
      {row.paired && '+ '}
      <Movement row={row} />
      {doubtful && (
        <div className="text">
          “{row.text}”
          <ComboBox
            small
            className="which"
            label={`Movement for “${row.text}”`}
            labelPlace="unseen"
            placeholder={row.line ? 'means another movement…' : 'choose…'}
            value={null}
            options={[...nearest, ...others].map((n): [string, string] => [n.id, n.name])}
            onChange={choose}
          />
          {row.line === null && (
            <>
              <span>or it stays a note</span>
              <LinkButton small to="/movements">
                Make one of your own…
              </LinkButton>
            </>
          )}
        </div>
      )}
    </li>
  );
}

/** What became of each line of a message, in its order. */
export const ReadRows = ({
  rows,
  names,
  choose,
}: {
  rows: readonly PastedRow[];
  names: readonly Name[];
  choose: (at: number, entryId: string) => void;
}): ReactNode => (
  <Rows aria-label="What was understood">
    {rows.map((row, i) => (
      <ReadRow key={i} row={row} names={names} choose={(entryId) => choose(i, entryId)} />
    ))}
  </Rows>
);
