import type { PlateStack } from '@drimbo/core/kit';
import { markedUnit, markText, massFigure, massText, type MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { ink } from '../look/theme';

/**
 * Colours of competition plates (international powerlifting technical rules, from memory); the figure
 * stands on every plate, so colour only repeats it.
 */
const colours: [number, string, string][] = [
  [25, '#b3202c', '#ffffff'],
  [20, '#1d4f91', '#ffffff'],
  [15, '#e0b21b', '#13202a'],
  [10, '#2c7a3f', '#ffffff'],
  [5, '#f4f4f2', '#13202a'],
  [2.5, '#26292c', '#ffffff'],
  [1.25, '#aab4b9', '#13202a'],
];

const lookOf = (kg: number): { fill: string; text: string } => {
  const found = colours.find(([size]) => Math.abs(size - kg) < 0.01);
  return found ? { fill: found[1], text: found[2] } : { fill: '#6d7a80', text: '#ffffff' };
};

/** "20, 10 kg" where all are marked in one unit, else each with its own. */
function marksOf(plates: readonly number[], usual: MassUnit): string {
  const units = new Set(plates.map((kg) => markedUnit(kg, usual)));
  const [only] = units;
  return units.size === 1
    ? `${plates.map((kg) => massFigure(kg, only!)).join(', ')} ${only}`
    : plates.map((kg) => massText(kg, markedUnit(kg, usual))).join(', ');
}

/** One sleeve of a bar with its plates, the heaviest inside, the figure on each. */
export function PlateSleeve({
  perSide,
  oneEnd = false,
  unit,
  heightPx = 62,
}: {
  perSide: PlateStack;
  /** The plates hang on one end only. */
  oneEnd?: boolean | undefined;
  unit: MassUnit;
  heightPx?: number;
}): ReactNode {
  const plates = perSide.flatMap((p) => Array.from({ length: p.count }, () => p.kg));
  const thick = (kg: number): number => Math.max(12, Math.min(19, 9 + kg * 0.45));
  const figureLength = Math.max(0, ...plates.map((kg) => markText(kg, unit).length));
  const least = Math.max(heightPx * 0.34, 5 + 5.2 * figureLength);
  const tall = (kg: number): number => Math.min(heightPx, Math.max(least, heightPx * (0.3 + kg / 28)));
  const widths = plates.map(thick);
  const whole = 46 + widths.reduce((a, b) => a + b + 1, 0) + 22;
  const says =
    plates.length === 0
      ? 'The bar alone'
      : `${oneEnd ? 'On the free end' : 'On each side'}, from the inside: ${marksOf(plates, unit)}`;
  const starts = widths.map((_, i) => 46 + widths.slice(0, i).reduce((a, b) => a + b + 1, 0));
  return (
    <svg
      width={whole}
      height={heightPx}
      role="img"
      aria-label={says}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <rect x={0} y={heightPx / 2 - 3} width={whole} height={6} fill="#9aa7ad" />
      <rect x={38} y={heightPx / 2 - 9} width={6} height={18} rx={1.5} fill="#7c8a91" />
      {plates.map((kg, i) => {
        const { fill, text } = lookOf(kg);
        const h = tall(kg);
        const cx = starts[i]! + widths[i]! / 2;
        return (
          <g key={i}>
            <rect
              x={starts[i]!}
              y={(heightPx - h) / 2}
              width={widths[i]!}
              height={h}
              rx={2.5}
              fill={fill}
              stroke={ink.ink}
              strokeWidth={0.8}
            />
            <text
              x={cx}
              y={heightPx / 2 + 3.5}
              textAnchor="middle"
              fontSize={9.5}
              fontWeight={650}
              fill={text}
              transform={`rotate(-90 ${cx} ${heightPx / 2})`}
            >
              {markText(kg, unit)}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
