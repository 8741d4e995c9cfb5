import type { Body, Credits, RegionId } from '@drimbo/core/anatomy';
import { figureWords } from '@drimbo/core/mechanics';
import { type Movement, type Rig, rigWords } from '@drimbo/core/movements';
import { type Tempo, tempoText } from '@drimbo/core/session';
import { Pause, Play } from 'lucide-react';
import { type ReactNode } from 'react';
import { styled } from 'styled-components';
import { FromAbove } from '../../drawings/figure/from-above';
import { MovementDrawing } from '../../drawings/figure/movement-drawing';
import { useDrawn } from '../../drawings/figure/use-drawn';
import { useRepetition } from '../../drawings/use-repetition';
import { useWidth } from '../../drawings/use-width';
import { Button } from '../../parts/button';
import { Slider } from '../../parts/slider';
import { ink, size } from '../../look/theme';
import { CreditsOwed } from './credits-owed';
import { KnobList, knobCount } from './knobs';

const Knobs = styled.div`
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 4px 10px;
  padding: 0 12px 6px;
  align-items: center;
`;
const Said = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 12px 0;
  font-size: ${size.fine};
  color: ${ink.soft};
  b {
    font-size: ${size.small};
    font-weight: 650;
    color: ${ink.ink};
  }
`;
const Along = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 2px 12px 4px;
  font-size: ${size.fine};
  color: ${ink.soft};
  @media (prefers-reduced-motion: reduce) {
    .play {
      display: none;
    }
  }
`;

interface SetUpViewProps {
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
export function SetUpView({
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
}: SetUpViewProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(340);
  const { figure, pulls } = useDrawn(movement, rig, body);
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
      <Said>
        <b>{load || '\u00a0'}</b>
        {figure.travelM > 0.03 && (
          <span>
            {figure.handsStay ? 'shoulder' : 'hand'} travels {Math.round(figure.travelM * 100)} cm
          </span>
        )}
      </Said>
      <MovementDrawing
        figure={figure}
        pulls={pulls}
        movement={movement}
        rig={rig}
        statureM={body.statureM}
        widthPx={Math.max(240, Math.floor(width))}
        heightPx={Math.max(140, Math.min(460, heightPx + spare))}
        isLoaded={load !== ''}
        at={rep.at}
        says={figureWords(figure, name, rigWords(rig, movement.knobs))}
        bench={benched ? { notches, deg: rig.benchDeg!, onTurn: (benchDeg) => turn({ benchDeg }) } : null}
      />
      {figure.travelM > 0.01 && (
        <Along>
          <Button small kind="quiet" className="play" onPress={rep.toggle}>
            {rep.playing ? <Pause size={13} aria-hidden /> : <Play size={13} aria-hidden />}
            <span style={{ whiteSpace: 'nowrap' }}>
              {rep.playing ? 'Hold' : `Move at ${tempoText(tempo)}`}
            </span>
          </Button>
          <span aria-hidden>stretched</span>
          <Slider
            label="Where in the range"
            isLabelUnseen
            min={0}
            max={1}
            step={0.05}
            value={rep.at}
            says={(at) => `${Math.round(at * 100)} per cent of the way from stretched to short`}
            onChange={rep.setAt}
          />
          <span aria-hidden>short</span>
        </Along>
      )}
      <Knobs>
        {showsAbove ? (
          <FromAbove
            figure={figure}
            pulls={pulls}
            statureM={body.statureM}
            at={rep.at}
            tuck={turnable('tuckDeg')}
            grip={turnable('gripBiacromial')}
          />
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
