import type { Stretch, TypedText } from '@drimbo/core/shorthand';
import { schemeText } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { TextButton } from '../../parts/text-button';
import { Menu } from '../../parts/menu';
import { ink, severityInk, size } from '../../look/theme';

const Reading = styled.div`
  padding: 6px 10px;
  font-size: ${size.fine};
  border-top: 1px solid ${ink.hush};
  color: ${ink.soft};
  ol,
  ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
  }
  ul {
    display: grid;
  }
  li > span {
    display: block;
  }
  b {
    color: ${ink.ink};
    font-weight: 650;
  }
  u {
    text-decoration-style: wavy;
    text-decoration-color: ${severityInk.watch};
    color: ${severityInk.watch};
  }
`;

/** What a piece was taken for, under the piece; pressed, it offers what else it could be. */
function Piece({
  stretch,
  unread,
  onMeant,
}: {
  stretch: Stretch;
  /** What is said of a piece nothing was made of. */
  unread: string;
  onMeant: (as: string) => void;
}): ReactNode {
  const { text, as, others } = stretch;
  const said = as ?? unread;
  const word = as === null ? <u>{text}</u> : <b>{text}</b>;
  return (
    <li>
      {others.length > 0 ? (
        <Menu
          label={`What “${text}” means`}
          trigger={<TextButton aria-label={`${text}: ${said}. Other readings`}>{word}</TextButton>}
          groups={[
            {
              name: as === null ? 'It may mean' : `Read as ${as}; or`,
              items: others.map((other) => ({ id: other, words: other, does: () => onMeant(other) })),
            },
          ]}
        />
      ) : (
        word
      )}
      <span>{said}</span>
    </li>
  );
}

/** What a typed line was taken for, in the order it was typed. */
export function ReadingBack({
  typed,
  onMeant,
}: {
  typed: TypedText;
  onMeant: (as: string) => void;
}): ReactNode {
  const { movements, warmup, why, line } = typed;
  const isOne = warmup.length === 0 && movements.length <= 1;
  return (
    <Reading aria-live="polite" data-testid="reading-back">
      {why !== null && <p>{why}</p>}
      {warmup.length > 0 && <p>Goes to the warm-up.</p>}
      {movements.length > 1 && (
        <ul>
          {movements.map((row, i) => (
            <li key={i}>
              {row.paired ? 'in turn with ' : ''}
              <b>{row.name}</b> {row.line && schemeText(row.line.scheme)}
              {row.unknown.length > 0 && (
                <>
                  , kept as a note: <u>{row.unknown.join('; ')}</u>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
      {isOne && (
        <ol>
          {line.stretches.map((stretch) => (
            <Piece
              key={`${stretch.from} ${stretch.as}`}
              stretch={stretch}
              unread={line.isForeign ? 'not in the catalogue' : 'kept as a note'}
              onMeant={onMeant}
            />
          ))}
        </ol>
      )}
    </Reading>
  );
}
