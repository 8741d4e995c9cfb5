import { notchesOf } from '@drimbo/core/kit';
import { clientMax } from '@drimbo/core/measure';
import { effortsOf, figureWords, sayingEachHand, workOf } from '@drimbo/core/mechanics';
import { type Entry, fullRig, movementName, type Rig, rigWords, searchEntries } from '@drimbo/core/movements';
import { roughMass } from '@drimbo/core/units';
import { X } from 'lucide-react';
import { type ReactNode } from 'react';
import { styled } from 'styled-components';
import { type Someone } from '../../state/someone';
import { FromAbove } from '../../drawings/figure/from-above';
import { useDrawn } from '../../drawings/figure/use-drawn';
import { MovementDrawing } from '../../drawings/figure/movement-drawing';
import { EffortBars } from '../../drawings/effort-bars';
import { useWidth } from '../../drawings/use-width';
import { WorkCurves } from '../../drawings/work-curves';
import { Button } from '../../parts/button';
import { ComboBox } from '../../parts/combo-box';
import { Sheet } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { KnobList } from '../set-up/knobs';
import { type RigChoice } from '../set-up/rig-link';
import { notchesFor, seenFromAbove } from '../set-up/set-up-view';
import { EACH_HAND_KG } from './each-hand';

const Column = styled(Sheet)`
  padding: 10px 12px;
  display: grid;
  grid-row: span 7;
  grid-template-rows: subgrid;
  font-size: ${size.small};
  > * {
    min-width: 0;
  }
  h2 {
    font-size: ${size.text};
    font-weight: 680;
  }
  h3 {
    font-size: ${size.small};
    font-weight: 650;
  }
  .soft {
    color: ${ink.soft};
    font-size: 12.5px;
  }
`;
export const workAtHand = ({ entry, rig }: RigChoice, body: Someone['body']) =>
  workOf(entry.movement, rig, body, sayingEachHand(entry.movement, EACH_HAND_KG));
const effortsAtHand = ({ entry, rig }: RigChoice, body: Someone['body']) =>
  effortsOf(entry.movement, rig, body, sayingEachHand(entry.movement, EACH_HAND_KG));
function NameChoice({
  pool,
  value,
  take,
}: {
  pool: readonly Entry[];
  value: string;
  take: (entry: Entry) => void;
}): ReactNode {
  return (
    <ComboBox
      label="Movement"
      labelPlace="unseen"
      value={value}
      options={pool.map((e) => [e.id, e.name])}
      find={(text) => searchEntries(text, 20, pool).map((found) => found.entry.id)}
      onChange={(id) => {
        const entry = pool.find((p) => p.id === id);
        if (entry) take(entry);
      }}
    />
  );
}

/** One set-up of a comparison: drawing, knobs, curves on the scale of all, and how hard each region works. */
export function Compared({
  choice,
  first,
  pool,
  someone,
  scaleNm,
  change,
  drop,
}: {
  choice: RigChoice;
  /** What the ticks compare with; null for the first itself. */
  first: RigChoice | null;
  pool: readonly Entry[];
  someone: Someone;
  scaleNm: number;
  change: (choice: RigChoice) => void;
  drop: (() => void) | null;
}): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(280);
  const { entry, rig } = choice;
  const { movement } = entry;
  const { body, context, kit } = someone;
  const { figure, pulls } = useDrawn(movement, rig, body);
  const work = workAtHand(choice, body);
  const efforts = effortsAtHand(choice, body);
  const others = first && effortsAtHand(first, body);
  const notches = notchesFor(movement, kit ? notchesOf(kit) : []);
  const name = movementName(movement, rig);
  const inner = Math.max(200, Math.floor(width) - 26);
  const turn = (patch: Rig): void => change({ entry, rig: fullRig(movement, { ...rig, ...patch }) });
  const max = context ? clientMax(movement, rig, context) : null;
  return (
    <Column ref={ref} aria-label={name} data-compared={entry.id}>
      <div style={{ display: 'flex', gap: 6 }}>
        <NameChoice pool={pool} value={entry.id} take={(e) => change({ entry: e, rig: e.rig })} />
        {drop && (
          <Button small kind="quiet" onPress={drop} aria-label={`Remove ${name.toLowerCase()}`}>
            <X size={14} aria-hidden />
          </Button>
        )}
      </div>
      <div>
        <h2>{name}</h2>
        <p className="soft">{rigWords(rig, movement.knobs) || 'no settings'}</p>
      </div>
      <MovementDrawing
        figure={figure}
        pulls={pulls}
        movement={movement}
        rig={rig}
        statureM={body.statureM}
        widthPx={inner}
        heightPx={190}
        isLoaded={false}
        at={0}
        bench={
          movement.knobs.benchDeg && rig.stance !== 'floor' && notches.length > 0
            ? { notches, deg: rig.benchDeg!, onTurn: (benchDeg) => turn({ benchDeg }) }
            : null
        }
        says={figureWords(figure, name, rigWords(rig, movement.knobs))}
      />
      <div>
        {seenFromAbove(movement) && (
          <div style={{ display: 'flex', justifyContent: 'center' }}>
            <FromAbove
              figure={figure}
              pulls={pulls}
              statureM={body.statureM}
              at={0}
              tuck={null}
              grip={null}
            />
          </div>
        )}
        <KnobList movement={movement} rig={rig} onTurn={turn} />
      </div>
      <div>
        <h3>Where it is hard</h3>
        {work && (
          <WorkCurves
            work={work}
            rotation={movement.pattern === 'rotation'}
            widthPx={inner}
            ends={['stretched', 'short']}
            scaleNm={scaleNm}
          />
        )}
      </div>
      <div>
        <h3>Who does the work</h3>
        {work && efforts && (
          <EffortBars
            label={`How hard each region works, ${name}`}
            efforts={efforts}
            others={others}
            longest={work.longest}
          />
        )}
      </div>
      <p className="soft">
        {max &&
          (max.basis === 'calibrate'
            ? 'No honest guess for the load: the first set finds it.'
            : `Max today about ${roughMass(max.kg, context!.client.unit)}, ${max.basis}.`)}
      </p>
    </Column>
  );
}
