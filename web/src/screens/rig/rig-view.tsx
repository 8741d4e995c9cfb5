import type { Body } from '@drimbo/core/anatomy/body';
import type { Credits, RegionId } from '@drimbo/core/anatomy/regions';
import { figureOf, figureWords } from '@drimbo/core/mechanics/figure';
import type { Movement } from '@drimbo/core/movements/model';
import { rigWords, type Rig } from '@drimbo/core/movements/rig';
import type { Tempo } from '@drimbo/core/session/document';
import { tempoText } from '@drimbo/core/session/effort';
import { Pause, Play } from 'lucide-react';
import { useMemo, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { RigAbove } from '../../drawings/rig-above';
import { RigDrawing } from '../../drawings/rig-drawing';
import { useRepetition } from '../../drawings/use-repetition';
import { useWidth } from '../../drawings/use-width';
import { Act } from '../../parts/act';
import { ink, size } from '../../look/theme';
import { CreditsOwed } from './credits-owed';
import { KnobList, knobCount } from './knobs';

const Knobs = styled.div`
  display: grid;
  grid-template-columns: 136px minmax(0, 1fr);
  gap: 4px 10px;
  padding: 0 12px 6px;
  align-items: center;
`;
const Along = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 12px 4px;
  font-size: ${size.fine};
  color: ${ink.soft};
  input {
    flex: 1;
    min-width: 60px;
    height: 16px;
    margin: 0;
  }
  @media (prefers-reduced-motion: reduce) {
    .play {
      display: none;
    }
  }
`;

interface RigViewProps {
  movement: Movement;
  rig: Rig;
  name: string;
  /** Said at the hand: "24 kg each". */
  load: string;
  body: Body;
  /** Bench notches to choose from, ascending. */
  notches: number[];
  tempo: Tempo;
  heightPx: number;
  onTurn: (patch: Rig) => void;
  /** Credits set by hand here. */
  pins?: Credits | undefined;
  onPin?: (region: RegionId, credit: number | null) => void;
}

/** Notches a movement can use, of those a gym has. */
export const notchesFor = (movement: Movement, notches: readonly number[]): number[] => {
  const spec = movement.knobs.benchDeg;
  return spec ? notches.filter((n) => n >= spec.min && n <= spec.max) : [];
};

/** Movements whose arms are best seen from above the chest. */
export const seenFromAbove = (movement: Movement): boolean =>
  movement.knobs.tuckDeg !== undefined ||
  movement.knobs.gripBiacromial !== undefined ||
  ['fly', 'raise rear', 'row'].includes(movement.pattern);

/** The measured drawing of a movement with every knob it has. */
export function RigView({
  movement,
  rig,
  name,
  load,
  body,
  notches,
  tempo,
  heightPx,
  onTurn: turn,
  pins,
  onPin,
}: RigViewProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const figure = useMemo(() => figureOf(movement, rig, body), [movement, rig, body]);
  const rep = useRepetition(tempo);
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
  const showsAbove = figure.above !== null && seenFromAbove(movement);
  const spare = showsAbove ? Math.max(0, knobCount(movement) - 4) * -26 : 60;

  return (
    <div ref={ref}>
      <RigDrawing
        figure={figure}
        implement={movement.implement}
        oneSided={movement.oneSided === true}
        widthPx={Math.max(240, Math.floor(width))}
        heightPx={Math.max(140, Math.min(460, heightPx + spare))}
        load={load}
        added={rig.added}
        at={rep.at}
        says={figureWords(figure, name, rigWords(rig, movement.knobs))}
        bench={benched ? { notches, deg: rig.benchDeg!, onTurn: (benchDeg) => turn({ benchDeg }) } : null}
      />
      {figure.travelM > 0.01 && (
        <Along>
          <Act small kind="quiet" className="play" onPress={rep.toggle}>
            {rep.playing ? <Pause size={13} aria-hidden /> : <Play size={13} aria-hidden />}
            {rep.playing ? 'Hold' : `Move at ${tempoText(tempo)}`}
          </Act>
          <span aria-hidden>stretched</span>
          <input
            type="range"
            aria-label="Where in the range"
            aria-valuetext={`${Math.round(rep.at * 100)} per cent of the way from stretched to short`}
            min={0}
            max={1}
            step={0.05}
            value={rep.at}
            onChange={(e) => rep.setAt(Number(e.target.value))}
          />
          <span aria-hidden>short</span>
        </Along>
      )}
      <Knobs>
        {showsAbove ? (
          <RigAbove figure={figure} tuck={turnable('tuckDeg')} grip={turnable('gripBiacromial')} />
        ) : (
          <span />
        )}
        <div>
          <KnobList movement={movement} rig={rig} onTurn={turn} />
        </div>
      </Knobs>
      <CreditsOwed movement={movement} rig={rig} pins={pins ?? {}} onPin={onPin ?? null} />
    </div>
  );
}
