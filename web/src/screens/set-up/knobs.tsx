import {
  type ChoiceKnob,
  choiceKnobs,
  choiceWords,
  type Movement,
  type NumericKnob,
  pulleyWord,
  type Rig,
} from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Select } from '../../parts/select';
import { Slider } from '../../parts/slider';
import { ink, size } from '../../look/theme';

const Knobs = styled.div`
  display: grid;
  gap: 1px;
  font-size: ${size.fine};
  color: ${ink.soft};
  .react-aria-Select > .react-aria-Label {
    flex: none;
  }
  .react-aria-Select > .react-aria-Button {
    flex: 1;
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
    <Knobs>
      {sliders.map((k) => {
        const spec = movement.knobs[k];
        return (
          spec && (
            <Slider
              key={k}
              label={knobNames[k]}
              min={spec.min}
              max={spec.max}
              step={spec.step}
              value={rig[k]!}
              says={said[k]!}
              onChange={(v) => onTurn({ [k]: v })}
            />
          )
        );
      })}
      {choiceKnobs.map((k) => {
        const spec = movement.knobs[k];
        if (!spec || spec.options.length < 2) return null;
        return (
          <Select
            key={k}
            small
            label={knobNames[k]}
            labelPlace="before"
            value={String(rig[k]!)}
            options={spec.options.map((o) => [o, choiceWords(k, o)])}
            onChange={(o) => o && onTurn({ [k]: o })}
          />
        );
      })}
    </Knobs>
  );
}
