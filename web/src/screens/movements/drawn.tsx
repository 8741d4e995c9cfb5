import { familyIds, familyNames } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { StillMovement } from '../../drawings/figure/still';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { averageBuild } from '../../state/someone';
import type { Listed } from './columns';

const Sheets = styled.div`
  padding: 4px 14px 14px;
  h2 {
    font-size: ${size.small};
    font-weight: 650;
    margin: 10px 0 4px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(142px, 1fr));
    gap: 4px 10px;
  }
  a {
    display: block;
    text-decoration: none;
    font-size: ${size.fine};
    line-height: 1.2;
    color: ${ink.ink};
  }
  a:hover {
    text-decoration: underline;
  }
`;
const A_FEW = 40;

/** The movements as small drawings, by family; each leads to its page. */
export function Drawn({ rows }: { rows: readonly Listed[] }): ReactNode {
  const [most, setMost] = useState(A_FEW);
  const byFamily = familyIds
    .map((id) => ({ id, rows: rows.filter((row) => row.entry.movement.family === id) }))
    .filter((family) => family.rows.length > 0);
  const shown = new Set(
    byFamily
      .flatMap((family) => family.rows)
      .slice(0, most)
      .map((row) => row.entry.id),
  );
  return (
    <Sheets>
      {byFamily.map((family) => {
        const here = family.rows.filter((row) => shown.has(row.entry.id));
        if (here.length === 0) return null;
        return (
          <section key={family.id} aria-label={familyNames[family.id]}>
            <h2>{familyNames[family.id]}</h2>
            <ul>
              {here.map(({ entry: e }) => (
                <li key={e.id}>
                  <Link to={`/movements/${e.id}`}>
                    <StillMovement
                      movement={e.movement}
                      rig={e.rig}
                      body={averageBuild}
                      widthPx={142}
                      heightPx={104}
                      says={`${e.name}, drawn`}
                    />
                    {e.name}
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {rows.length > most && (
        <p style={{ marginTop: 10 }}>
          <Button small onPress={() => setMost(rows.length)}>
            Show all {rows.length}
          </Button>
        </p>
      )}
    </Sheets>
  );
}
