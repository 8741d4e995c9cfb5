import { bandPointsText, type Kit, readBandPoints } from '@drimbo/core/kit';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { ReactNode } from 'react';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { ink } from '../../look/theme';
import { Cell } from '../../parts/cell';
import { Body, type PartProps } from './parts';
import { readText, replaced, without } from '../shared/read';

type Points = NonNullable<Kit['bands']>[number]['points'];

/** An ordinary band to begin with. */
const beginning: Points = [
  { lengthM: 0.5, newtons: 0 },
  { lengthM: 0.8, newtons: 90 },
  { lengthM: 1.2, newtons: 170 },
];

const W = 150;
const H = 44;

/** Pull against length, straight between the points that were measured. */
function Pull({ points, name }: { points: Points; name: string }): ReactNode {
  const last = points[points.length - 1]!;
  const x = scaleLinear([0, last.lengthM], [2, W - 4]);
  const y = scaleLinear([0, Math.max(1, ...points.map((p) => p.newtons))], [H - 4, 5]);
  const drawn = [{ lengthM: 0, newtons: 0 }, ...points];
  return (
    <svg
      width={W}
      height={H}
      role="img"
      aria-label={`${name}: slack to ${points[0]!.lengthM} m, ${last.newtons} newtons at ${last.lengthM} m`}
    >
      <line x1={2} x2={W - 4} y1={H - 4} y2={H - 4} stroke={ink.rule} />
      <path
        d={
          line<Points[number]>(
            (p) => x(p.lengthM),
            (p) => y(p.newtons),
          )(drawn) ?? ''
        }
        fill="none"
        stroke={ink.ink}
        strokeWidth={1.7}
      />
      {points.map((p) => (
        <circle key={p.lengthM} cx={x(p.lengthM)} cy={y(p.newtons)} r={2.2} fill={ink.ink} />
      ))}
    </svg>
  );
}

/** Bands by what they pull at some lengths. */
export function Bands({ kit, change }: PartProps): ReactNode {
  const bands = kit.bands ?? [];
  return (
    <Sheet>
      <SheetHead>
        <h2>Bands</h2>
        <Button
          small
          onPress={() =>
            change({ bands: [...bands, { id: newId('band'), name: 'Band', points: beginning }] })
          }
        >
          Add a band
        </Button>
      </SheetHead>
      <Body>
        {bands.length === 0 && (
          <p>None. A band is what it pulls at two or more lengths, as a hanging scale shows it.</p>
        )}
        {bands.map((b, i) => {
          const put = (patch: Partial<typeof b>): void =>
            change({ bands: replaced(bands, i, { ...b, ...patch }) });
          return (
            <div key={b.id} style={{ display: 'grid', gridTemplateColumns: '1fr auto auto', gap: '2px 6px' }}>
              <Cell
                label={`Name of band ${i + 1}`}
                strong
                text={b.name}
                read={readText}
                hint="A name"
                take={(name) => put({ name })}
              />
              <Pull points={b.points} name={b.name} />
              <Button
                small
                kind="quiet"
                aria-label={`Remove ${b.name}`}
                onPress={() => change({ bands: without(bands, i) })}
              >
                Remove
              </Button>
              <div style={{ gridColumn: '1 / -1' }}>
                <Cell
                  label={`Lengths and pulls of ${b.name}`}
                  text={bandPointsText(b.points)}
                  read={readBandPoints}
                  hint="Lengths and pulls, like 0.5 m 0 N, 1.2 m 170 N"
                  take={(points) => put({ points })}
                />
              </div>
            </div>
          );
        })}
      </Body>
    </Sheet>
  );
}
