import { figureFrom } from './figure';
import { useState, type ReactNode } from 'react';
import type { LabelPlace } from './labelled';
import { TextField } from './text-field';

/**
 * A figure with its unit, taken as it is typed; what is no figure in the range stays in the field, marked, and is
 * not taken. A decimal comma is read like a point, and the unit may be typed along.
 *
 * @example <NumberField label="Bodyweight" unit="kg" value={81.5} lo={35} hi={250} decimals={1} onChange={set} />
 */
export function NumberField({
  label,
  unit,
  labelPlace = 'above',
  value,
  lo,
  hi,
  decimals = 0,
  onChange,
  className,
}: {
  label: string;
  /** kg, lb, s, min, °, cm, %. */
  unit?: string;
  labelPlace?: LabelPlace;
  value: number;
  /** The range a figure is taken from, ends included. */
  lo: number;
  hi: number;
  /** Digits shown behind the point. */
  decimals?: number;
  onChange: (value: number) => void;
  className?: string;
}): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string): number | null => {
    const bare = unit ? text.replace(new RegExp(`\\s*${unit.replace('%', '\\%')}\\s*$`, 'i'), '') : text;
    return figureFrom(lo, hi)(bare);
  };
  return (
    <TextField
      label={unit ? `${label}, ${unit}` : label}
      labelPlace={labelPlace}
      inputMode="decimal"
      value={typed ?? String(Number(value.toFixed(decimals)))}
      wrong={typed !== null && read(typed) === null ? `${lo} to ${hi}` : undefined}
      onChange={(text) => {
        setTyped(text);
        const n = read(text);
        if (n !== null) onChange(n);
      }}
      onBlur={() => setTyped(null)}
      {...(className ? { className } : {})}
    />
  );
}
