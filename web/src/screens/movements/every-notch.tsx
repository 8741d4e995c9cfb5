import { type PressingRegion, pressingRegions, regions } from '@drimbo/core/anatomy';
import { notchesOf } from '@drimbo/core/kit';
import { sayingEachHand } from '@drimbo/core/mechanics';
import { movementName } from '@drimbo/core/movements';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Someone } from '../../state/someone';
import { creditAt, effortWord, NotchCurve, useNotches } from '../../drawings/notch-curve';
import { StillMovement } from '../../drawings/figure/still';
import { useWidth } from '../../drawings/use-width';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { ink, size, voiceText } from '../../look/theme';
import type { RigChoice } from '../set-up/rig-link';
import { notchesFor } from '../set-up/set-up-view';
import { EACH_HAND_KG } from './each-hand';

const Multiples = styled.section`
  margin-top: 12px;
  .row {
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: minmax(0, 1fr);
    gap: 8px;
  }
  figure {
    background: ${ink.sheet};
    border: 1px solid ${ink.rule};
    border-radius: 4px;
    padding: 4px;
    text-align: center;
    font-size: ${size.small};
  }
  figure[data-best='true'] {
    border: 2px solid ${ink.ink};
  }
  @media (max-width: 900px) {
    .row {
      grid-auto-flow: row;
      grid-template-columns: 1fr 1fr;
    }
  }
`;

interface EveryNotchProps {
  choice: RigChoice;
  someone: Someone;
  take: (benchDeg: number) => void;
}

/** A rig at every notch of the bench, side by side, the best for a region marked; nothing without notches to choose from. */
export function EveryNotch(props: EveryNotchProps): ReactNode {
  const { movement } = props.choice.entry;
  const { kit } = props.someone;
  const notches = useMemo(() => notchesFor(movement, kit ? notchesOf(kit) : []), [movement, kit]);
  const turns = movement.knobs.benchDeg !== undefined && props.choice.rig.stance !== 'floor';
  return turns && notches.length > 1 ? <Notches {...props} notches={notches} /> : null;
}

function Notches({ choice, someone, take, notches }: EveryNotchProps & { notches: number[] }): ReactNode {
  const { movement } = choice.entry;
  const { body } = someone;
  const [ref, width] = useWidth<HTMLElement>(900);
  const [region, setRegion] = useState<PressingRegion>(
    (someone.context?.client.lagging.find((r) => (pressingRegions as readonly string[]).includes(r)) ??
      'pecUpper') as PressingRegion,
  );
  const loadKg = sayingEachHand(movement, EACH_HAND_KG);
  const { marks, best } = useNotches(movement, choice.rig, body, loadKg, notches, region);
  return (
    <Multiples aria-label="At every notch" ref={ref}>
      <div style={{ fontSize: size.small, marginBottom: 6 }}>
        <Select
          small
          label={`${choice.entry.name} at every notch, for the`}
          labelPlace="before"
          value={region}
          options={pressingRegions.map((id) => [id, regions[id].name.toLowerCase()])}
          onChange={(id) => id && setRegion(id)}
        />
      </div>
      <div className="row">
        {marks.map((m) => (
          <figure key={m.benchDeg} data-best={m === best}>
            <div style={{ display: 'flex', justifyContent: 'center' }}>
              <StillMovement
                movement={movement}
                rig={{ ...choice.rig, benchDeg: m.benchDeg! }}
                body={body}
                widthPx={150}
                heightPx={120}
                says={`${movementName(movement, { ...choice.rig, benchDeg: m.benchDeg! })} at ${m.benchDeg}°`}
              />
            </div>
            <figcaption>
              {m.benchDeg}° <b style={{ color: voiceText[regions[region].voice] }}>{effortWord(m, region)}</b>
              , counts {Number(creditAt(m, region).toFixed(2))}
              {m === best && <b> most</b>}{' '}
              {m.benchDeg !== choice.rig.benchDeg && (
                <Button
                  small
                  kind="quiet"
                  onPress={() => take(m.benchDeg!)}
                  aria-label={`Take ${m.benchDeg}°`}
                >
                  Take
                </Button>
              )}
            </figcaption>
          </figure>
        ))}
      </div>
      <div style={{ background: ink.sheet, border: `1px solid ${ink.rule}`, borderRadius: 4, marginTop: 8 }}>
        <NotchCurve
          movement={movement}
          rig={choice.rig}
          body={body}
          loadKg={loadKg}
          marks={marks}
          best={best}
          region={region}
          widthPx={Math.max(240, Math.floor(width) - 2)}
        />
      </div>
    </Multiples>
  );
}
