import type { Appraisal } from '@drimbo/core';
import { type PressingRegion, pressingRegions, regions } from '@drimbo/core/anatomy';
import { memo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, narrow, size, voiceInk, voiceText } from '../look/theme';
import { bundles, strandPath } from './fan-strands';

const STRANDS = 9;
/** Sets at which every strand is drawn in full. */
const FULL = 12;

const Wrap = styled.div`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 6px;
  padding: 0 12px 8px 8px;
`;

const Rows = styled.table`
  border-collapse: collapse;
  font-size: 12.5px;
  ${narrow}
  align-self: center;
  width: 100%;
  td,
  th {
    padding: 1px 0;
    font-weight: 400;
    text-align: left;
    white-space: nowrap;
    height: 21px;
  }
  thead th {
    font-size: 10.5px;
    color: ${ink.soft};
    height: 16px;
  }
  .of {
    font-weight: 400;
    font-size: 11px;
    color: ${ink.soft};
  }
  .figure {
    text-align: right;
    font-weight: 650;
    padding-right: 7px;
  }
  tbody th {
    padding-right: 6px;
  }
  .next {
    text-align: right;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding-left: 6px;
  }
`;

const figure = (n: number): string => (Math.round(n * 10) / 10).toFixed(1);

/** A region's sets against its band: the grey part is the band, the pale end what is written and will not count. */
function BandBar({
  region,
  sets,
  prescribed,
  band,
}: {
  region: PressingRegion;
  sets: number;
  prescribed: number;
  band: { lo: number; hi: number } | null;
}): ReactNode {
  const most = 18;
  const w = (n: number): number => (Math.min(n, most) / most) * 100;
  return (
    <svg
      width="100%"
      height="9"
      viewBox="0 0 100 9"
      preserveAspectRatio="none"
      aria-hidden
      style={{ display: 'block', minWidth: 24 }}
    >
      <rect x="0" y="3" width="100" height="3" fill={ink.hush} />
      {band && <rect x={w(band.lo)} y="1" width={w(band.hi) - w(band.lo)} height="7" fill={ink.rule} />}
      <rect x="0" y="3" width={w(sets)} height="3" fill={voiceInk[regions[region].voice]} />
      {prescribed - sets > 0.05 && (
        <rect
          x={w(sets)}
          y="3.5"
          width={w(prescribed) - w(sets)}
          height="2"
          fill={voiceInk[regions[region].voice]}
          opacity="0.35"
        />
      )}
    </svg>
  );
}

function FanOf({ dose }: { dose: Appraisal['dose'] }): ReactNode {
  const says = pressingRegions
    .map((id) => {
      const { fractional, prescribed, unknown } = dose.regions[id];
      const of = prescribed - fractional > 0.05 ? ` of ${figure(prescribed)} written` : '';
      const open = unknown > 0.05 ? ` and ${figure(unknown)} not known` : '';
      return `${regions[id].name} ${figure(fractional - unknown)}${open}${of} sets`;
    })
    .join(', ');
  return (
    <Wrap>
      <svg viewBox="0 0 122 180" width="92" height="136" role="img" aria-label={`Dose. ${says}.`}>
        <path
          d="M8 30 Q40 12 84 18 Q112 24 114 60 L117 172 M8 28 L9 128"
          fill="none"
          stroke={ink.ink}
          strokeWidth="1.2"
        />
        {pressingRegions.map((id) => {
          const bundle = bundles[id];
          const sets = dose.regions[id].fractional;
          const lit = Math.round(Math.min(1, sets / FULL) * STRANDS);
          return Array.from({ length: STRANDS }, (_, i) => {
            const on = sets > 0.05 && i < Math.max(1, lit);
            const t = ((i * 5) % STRANDS) / (STRANDS - 1);
            return (
              <path
                key={`${id}${i}`}
                d={strandPath(bundle, t)}
                fill="none"
                stroke={on ? voiceInk[regions[id].voice] : ink.rule}
                strokeWidth={on ? 1.6 : 0.7}
                strokeLinecap="round"
              />
            );
          });
        })}
      </svg>
      <Rows>
        <thead>
          <tr>
            <th scope="col">Region</th>
            <th scope="col" className="figure" style={{ fontWeight: 400 }}>
              Sets
            </th>
            <th scope="col">Target</th>
            <th
              scope="col"
              className="next"
              title="What one more hard set would add, as a percentage of all one session can give"
            >
              Next
            </th>
          </tr>
        </thead>
        <tbody>
          {pressingRegions.map((id) => {
            const d = dose.regions[id];
            return (
              <tr
                key={id}
                title={`${regions[id].latin}: ${d.direct} direct, ${d.indirect} indirect sets${d.band ? `, band ${d.band.lo} to ${d.band.hi}` : ''}`}
              >
                <th scope="row">{regions[id].name}</th>
                <td className="figure" style={{ color: voiceText[regions[id].voice] }}>
                  {figure(d.fractional - d.unknown)}
                  {d.unknown > 0.05 && (
                    <span
                      style={{ color: ink.soft }}
                      title="Of loads that the first set finds: hard if it finds them so"
                    >
                      {' '}
                      + {figure(d.unknown)}?
                    </span>
                  )}
                  {d.prescribed - d.fractional > 0.05 && d.unknown <= 0.05 && (
                    <span className="of"> of {Number(d.prescribed.toFixed(1))}</span>
                  )}
                </td>
                <td style={{ width: '24%' }}>
                  <BandBar region={id} sets={d.fractional} prescribed={d.prescribed} band={d.band} />
                  {d.band && <span className="unseen">{`${d.band.lo} to ${d.band.hi}`}</span>}
                </td>
                <td className="next">+{Math.round(d.next * 100)} %</td>
              </tr>
            );
          })}
        </tbody>
      </Rows>
    </Wrap>
  );
}

/** The dose of a session: fibre strands by region, and sets against their bands. */
export const Fan = memo(FanOf);
