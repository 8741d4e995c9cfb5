import { regionIds, regions } from '@drimbo/core/anatomy/regions';
import type { Body } from '@drimbo/core/anatomy/body';
import { figureOf } from '@drimbo/core/mechanics/figure';
import type { Movement } from '@drimbo/core/movements/model';
import { creditsOf } from '@drimbo/core/movements/settings';
import {
  pulleyWord,
  rigWords,
  type ChoiceKnob,
  type NumericKnob,
  type Rig,
} from '@drimbo/core/movements/rig';
import { useMemo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { RigAbove } from '../../drawing/rig-above';
import { RigSide } from '../../drawing/rig-side';
import { useWidth } from '../../drawing/use-width';
import { ink, size, voiceText } from '../../look/theme';

const Knobs = styled.div`
  display: grid;
  grid-template-columns: 136px minmax(0, 1fr);
  gap: 4px 10px;
  padding: 0 12px 6px;
  align-items: center;
`;
const Knob = styled.label`
  display: grid;
  grid-template-columns: 1fr auto;
  font-size: ${size.fine};
  color: ${ink.soft};
  gap: 0 6px;
  output {
    color: ${ink.ink};
    font-weight: 600;
  }
  input[type='range'] {
    grid-column: 1 / -1;
    accent-color: ${ink.ink};
    width: 100%;
    height: 18px;
    margin: 0;
  }
  select {
    justify-self: end;
    max-width: 122px;
    margin: 1px 0;
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    padding: 1px 4px;
    font-size: ${size.small};
    color: ${ink.ink};
    min-height: 24px;
  }
`;
const Owed = styled.p`
  padding: 5px 12px 7px;
  border-top: 1px solid ${ink.hush};
  font-size: ${size.fine};
  color: ${ink.soft};
  b {
    font-weight: 650;
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
};
const said: Partial<Record<NumericKnob, (v: number) => string>> = {
  gripBiacromial: (v) => `${v.toFixed(2)} × shoulders`,
  tuckDeg: (v) => `${Math.round(v)}°`,
  pulleyStature: (v) => `at ${pulleyWord(v)}`,
  leanDeg: (v) => `${Math.round(v)}°`,
  elevationM: (v) =>
    v === 0 ? 'level' : v > 0 ? `feet ${Math.round(v * 100)} cm` : `hands ${Math.round(-v * 100)} cm`,
};
const optionWords: Record<string, string> = {
  supinated: 'underhand',
  pronated: 'palms forward',
  'chest level': 'to chest level',
  prone: 'chest on bench',
  hinged: 'bent over',
  floor: 'on the floor',
  pins: 'from pins',
};

interface RigViewProps {
  movement: Movement;
  rig: Rig;
  name: string;
  /** Said at the hand: "24 kg each". */
  load: string;
  body: Body;
  /** Bench notches to choose from, ascending. */
  notches: number[];
  heightPx: number;
  onTurn: (patch: Rig) => void;
}

/** Notches a movement can use, of those a gym has. */
export const notchesFor = (movement: Movement, notches: readonly number[]): number[] => {
  const spec = movement.knobs.benchDeg;
  return spec ? notches.filter((n) => n >= spec.min && n <= spec.max) : [];
};

/** The measured drawing of a movement with every knob it has. */
export function RigView({
  movement,
  rig,
  name,
  load,
  body,
  notches,
  heightPx,
  onTurn: turn,
}: RigViewProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const figure = useMemo(() => figureOf(movement, rig, body), [movement, rig, body]);
  const owed = useMemo(() => creditsOf(movement, rig), [movement, rig]);
  const turnable = (knob: 'tuckDeg' | 'gripBiacromial') => {
    const spec = movement.knobs[knob];
    return spec
      ? {
          value: rig[knob]!,
          min: spec.min,
          max: spec.max,
          step: spec.step,
          onTurn: (v: number) => turn({ [knob]: v }),
        }
      : null;
  };
  const benched = movement.knobs.benchDeg && rig.stance !== 'floor' && notches.length > 0;
  const sliders = (['gripBiacromial', 'tuckDeg', 'pulleyStature', 'leanDeg', 'elevationM'] as const).filter(
    (k) => movement.knobs[k],
  );
  const choices = (['forearm', 'stance', 'range'] as const).filter(
    (k) => (movement.knobs[k]?.options.length ?? 0) > 1,
  );
  const credits = regionIds.filter((id) => (owed[id] ?? 0) >= 0.1);
  const showsAbove =
    figure.above !== null &&
    (movement.knobs.tuckDeg !== undefined ||
      movement.knobs.gripBiacromial !== undefined ||
      movement.pattern === 'fly');
  const says = `${name}, ${rigWords(rig, movement.knobs) || 'no settings'}, side view. The hand travels ${Math.round(figure.travelM * 100)} centimetres.`;

  return (
    <div ref={ref}>
      <RigSide
        figure={figure}
        implement={movement.implement}
        widthPx={Math.max(240, Math.floor(width))}
        heightPx={
          showsAbove
            ? heightPx - (sliders.length + choices.length > 4 ? 24 : 0)
            : Math.min(420, heightPx + 70)
        }
        load={load}
        says={says}
        bench={benched ? { notches, deg: rig.benchDeg!, onTurn: (benchDeg) => turn({ benchDeg }) } : null}
      />
      <Knobs>
        {showsAbove ? (
          <RigAbove figure={figure} tuck={turnable('tuckDeg')} grip={turnable('gripBiacromial')} />
        ) : (
          <span />
        )}
        <div>
          {sliders.map((k) => {
            const spec = movement.knobs[k]!;
            return (
              <Knob key={k}>
                {knobNames[k]}
                <output>{said[k]!(rig[k]!)}</output>
                <input
                  type="range"
                  min={spec.min}
                  max={spec.max}
                  step={spec.step}
                  value={rig[k]!}
                  onChange={(e) => turn({ [k]: Number(e.target.value) })}
                />
              </Knob>
            );
          })}
          {choices.map((k) => (
            <Knob key={k}>
              <span style={{ alignSelf: 'center' }}>{knobNames[k]}</span>
              <select value={rig[k]!} onChange={(e) => turn({ [k]: e.target.value })}>
                {movement.knobs[k]!.options.map((o) => (
                  <option key={o} value={o}>
                    {optionWords[o] ?? o}
                  </option>
                ))}
              </select>
            </Knob>
          ))}
        </div>
      </Knobs>
      <Owed>
        One hard set counts:{' '}
        {credits.map((id, i) => (
          <span key={id}>
            {i > 0 && ', '}
            {regions[id].name.toLowerCase()}{' '}
            <b style={{ color: voiceText[regions[id].voice] }}>{Number(owed[id]!.toFixed(2))}</b>
          </span>
        ))}
        {credits.length === 0 && 'nothing'}. Common practice, by angle.
      </Owed>
    </div>
  );
}
