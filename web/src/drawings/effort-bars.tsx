import { pressingRegions, regions } from '@drimbo/core/anatomy';
import type { Effort, Efforts, PerRegion } from '@drimbo/core/mechanics';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size, voiceInk } from '../look/theme';

/** From this share of its resting length on a region is told to be long somewhere in the range. */
const LONG = 1.15;

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-size: ${size.small};
  th {
    font-weight: 420;
    text-align: left;
    width: 92px;
    padding: 1px 0;
    white-space: nowrap;
  }
  td.level {
    width: 56px;
    padding-left: 6px;
    font-weight: 620;
  }
  td.level[data-untold] {
    font-weight: 420;
    color: ${ink.soft};
  }
  td.long {
    width: 34px;
    padding-left: 6px;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

/** What is read out for a bar: the level and how sure it is. */
function wordsOf({ value, level, range }: Effort): string {
  if (value === null || !range) return 'not told';
  const [low, high] = range.map((v) => Math.round(v * 100));
  return high! - low! < 8 ? level! : `${level!}, between ${low!} and ${high!} of 100`;
}

interface EffortBarsProps {
  label: string;
  efforts: Efforts;
  /** The same at what it is compared with: a tick on the bar. */
  others?: Efforts | null;
  /** Longest over the range against resting length; left out, nothing is said. */
  longest?: PerRegion;
}

/**
 * How hard every region works against the hardest-working one: a bar in the colour of its voice, a thin line
 * for how sure it is, and the level in a word.
 */
export function EffortBars({ label, efforts, others, longest }: EffortBarsProps): ReactNode {
  return (
    <Table aria-label={label}>
      <tbody>
        {pressingRegions.map((id) => {
          const effort = efforts[id];
          const { value, level, range, why } = effort;
          const other = others?.[id].value ?? null;
          return (
            <tr key={id} title={why ?? undefined}>
              <th scope="row">{regions[id].name}</th>
              <td>
                <svg
                  width="100%"
                  height="12"
                  viewBox="0 0 100 12"
                  preserveAspectRatio="none"
                  role="img"
                  aria-label={wordsOf(effort)}
                  style={{ display: 'block' }}
                >
                  <rect x="0" y="2" width="100" height="8" fill={ink.hush} />
                  {value !== null && (
                    <rect x="0" y="2" width={100 * value} height="8" fill={voiceInk[regions[id].voice]} />
                  )}
                  {range && range[1] - range[0] > 0.02 && (
                    <g stroke={ink.ink} strokeWidth="1" vectorEffect="non-scaling-stroke">
                      <line
                        x1={100 * range[0]}
                        x2={100 * range[1]}
                        y1="6"
                        y2="6"
                        vectorEffect="non-scaling-stroke"
                      />
                      {range.map((v, i) => (
                        <line
                          key={i}
                          x1={100 * v}
                          x2={100 * v}
                          y1="4"
                          y2="8"
                          vectorEffect="non-scaling-stroke"
                        />
                      ))}
                    </g>
                  )}
                  {other !== null && (
                    <rect x={Math.min(98.6, 100 * other)} y="0" width="1.4" height="12" fill={ink.ink} />
                  )}
                </svg>
              </td>
              <td className="level" data-untold={value === null ? '' : undefined}>
                {level === null ? 'not told' : level === 'none' ? '–' : level}
              </td>
              {longest && (
                <td className="long">
                  {longest[id] >= LONG && value !== null && value >= 0.15 ? 'long' : ''}
                </td>
              )}
            </tr>
          );
        })}
      </tbody>
    </Table>
  );
}

/** Why some regions are told as one, or not at all: each reason once. */
export const untoldReasons = (efforts: Efforts): string[] => [
  ...new Set(pressingRegions.flatMap((id) => efforts[id].why ?? [])),
];
