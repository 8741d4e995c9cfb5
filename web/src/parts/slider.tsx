import { useLayoutEffect, useRef, type ReactNode } from 'react';
import { Label, Slider as Root, SliderThumb, SliderTrack } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';

const Frame = styled(Root)`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 0 6px;
  align-items: center;
  font-size: ${size.fine};
  color: ${ink.soft};
  width: 100%;
  .said {
    color: ${ink.ink};
    font-weight: 600;
    text-align: right;
  }
  .react-aria-SliderTrack {
    grid-column: 1 / -1;
    position: relative;
    height: 20px;
    margin: 0 6px;
    cursor: pointer;
  }
  .react-aria-SliderTrack::before {
    content: '';
    position: absolute;
    inset: 9px -6px auto;
    height: 2px;
    background: ${ink.rule};
  }
  .notch {
    position: absolute;
    top: 6px;
    width: 1px;
    height: 8px;
    background: ${ink.soft};
  }
  .react-aria-SliderThumb {
    top: 10px;
    width: 12px;
    height: 12px;
    border-radius: 2px;
    background: ${ink.ink};
    transform: translate(-50%, -50%) rotate(45deg);
  }
  .react-aria-SliderThumb[data-focus-visible] {
    outline: 2px solid ${ink.focus};
    outline-offset: 2px;
  }
`;

/**
 * A figure between two ends, taken hold of and drawn along; arrows step it. With `notches` it rests only there and
 * each has its tick; otherwise at every `step`.
 *
 * @example <Slider label="Grip" value={1.5} min={1} max={2.2} step={0.05} says={(v) => `${v} × shoulders`} onChange={set} />
 */
export function Slider({
  label,
  isLabelUnseen = false,
  value,
  min,
  max,
  step = 1,
  notches,
  says,
  onChange,
}: {
  label: string;
  isLabelUnseen?: boolean;
  value: number;
  min: number;
  max: number;
  step?: number;
  /** Ascending. */
  notches?: readonly number[];
  /** The value in words, read aloud and shown over the track. */
  says: (value: number) => string;
  onChange: (value: number) => void;
}): ReactNode {
  // The words for a value are set on the element itself: the library knows number formats only.
  const input = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => input.current?.setAttribute('aria-valuetext', says(value)));
  const nearest = (v: number): number =>
    notches && notches.length > 0 ? notches.reduce((a, b) => (Math.abs(b - v) < Math.abs(a - v) ? b : a)) : v;
  /** A step of the keyboard goes to the next notch, however far that is. */
  const taken = (v: number): number => {
    const to = nearest(v);
    if (!notches || to !== value || v === value) return to;
    const at = notches.indexOf(value);
    return notches[at + Math.sign(v - value)] ?? value;
  };
  return (
    <Frame
      value={value}
      onChange={(v) => onChange(taken(Number(v)))}
      minValue={min}
      maxValue={max}
      step={step}
      {...(isLabelUnseen ? { 'aria-label': label } : {})}
    >
      {!isLabelUnseen && (
        <>
          <Label>{label}</Label>
          <span className="said" aria-hidden>
            {says(value)}
          </span>
        </>
      )}
      <SliderTrack>
        {notches?.map((n) => (
          <span
            key={n}
            className="notch"
            aria-hidden
            style={{ left: `${(100 * (n - min)) / (max - min || 1)}%` }}
          />
        ))}
        <SliderThumb inputRef={input} {...(isLabelUnseen ? { 'aria-label': label } : {})} />
      </SliderTrack>
    </Frame>
  );
}
