import type { Movement } from '@drimbo/core/movements/model';
import {
  choiceKnobs,
  choiceWords,
  pulleyWord,
  type ChoiceKnob,
  type NumericKnob,
  type Rig,
} from '@drimbo/core/movements/rig';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { ink, size } from '../../look/theme';

const Knob = styled.label`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  font-size: ${size.fine};
  color: ${ink.soft};
  gap: 0 6px;
  align-items: center;
  b {
    color: ${ink.ink};
    font-weight: 600;
    text-align: right;
  }
  input[type='range'] {
    grid-column: 1 / -1;
    width: 100%;
    height: 18px;
    margin: 0;
  }
  select {
    justify-self: end;
    width: 100%;
    max-width: 150px;
    margin: 1px 0;
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    padding: 1px 2px;
    font-size: ${size.fine};
    color: ${ink.ink};
    min-height: 24px;
  }
`;

const knobNames: Record<NumericKnob | ChoiceKnob, string> = {
  benchDeg: 'Bench',
  gripBiacromial: 'Grip',
  tuckDeg: 'Tuck',
  pulleyStature: 'Pulley',
  leanDeg: 'Lean',
  elevationM: 'Feet or hands raised',
  forearm: 'Hands',
  stance: 'Stance',
  range: 'Range',
  added: 'On the bar',
  hands: 'Path',
};

const said: Partial<Record<NumericKnob, (v: number) => string>> = {
  benchDeg: (v) => `${Math.round(v)}°`,
  gripBiacromial: (v) => `${v.toFixed(2)} × shoulders`,
  tuckDeg: (v) => `${Math.round(v)}°`,
  pulleyStature: (v) => `at ${pulleyWord(v)}`,
  leanDeg: (v) => `${Math.round(v)}°`,
  elevationM: (v) =>
    v === 0 ? 'level' : v > 0 ? `feet ${Math.round(v * 100)} cm` : `hands ${Math.round(-v * 100)} cm`,
};

const sliders = ['gripBiacromial', 'tuckDeg', 'pulleyStature', 'leanDeg', 'elevationM'] as const;

/** How many controls a movement has beside its bench. */
export const knobCount = (movement: Movement): number =>
  sliders.filter((k) => movement.knobs[k]).length +
  choiceKnobs.filter((k) => (movement.knobs[k]?.options.length ?? 0) > 1).length;

/** Every knob a movement has beside its bench, as sliders and lists. */
export function KnobList({
  movement,
  rig,
  onTurn,
}: {
  movement: Movement;
  rig: Rig;
  onTurn: (patch: Rig) => void;
}): ReactNode {
  return (
    <>
      {sliders.map((k) => {
        const spec = movement.knobs[k];
        return (
          spec && (
            <Knob key={k}>
              {knobNames[k]}
              <b>{said[k]!(rig[k]!)}</b>
              <input
                type="range"
                aria-label={knobNames[k]}
                aria-valuetext={said[k]!(rig[k]!)}
                min={spec.min}
                max={spec.max}
                step={spec.step}
                value={rig[k]!}
                onChange={(e) => onTurn({ [k]: Number(e.target.value) })}
              />
            </Knob>
          )
        );
      })}
      {choiceKnobs.map((k) => {
        const spec = movement.knobs[k];
        if (!spec || spec.options.length < 2) return null;
        return (
          <Knob key={k}>
            <span>{knobNames[k]}</span>
            <select value={rig[k]!} onChange={(e) => onTurn({ [k]: e.target.value })}>
              {spec.options.map((o) => (
                <option key={o} value={o}>
                  {choiceWords(k, o)}
                </option>
              ))}
            </select>
          </Knob>
        );
      })}
    </>
  );
}
