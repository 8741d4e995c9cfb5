import { notchesOf } from '@drimbo/core/kit/kit';
import { clientMax } from '@drimbo/core/measure/client-max';
import { sayingEachHand } from '@drimbo/core/mechanics/loads/hand-force';
import { figureOf, figureWords } from '@drimbo/core/mechanics/figure';
import { effortsOf } from '@drimbo/core/mechanics/effort';
import { workOf } from '@drimbo/core/mechanics/work';
import { familyIds, familyNames, type Entry } from '@drimbo/core/movements/model';
import { entryIn, offeredEntries, type Notebook } from '@drimbo/core/movements/notebook';
import { rigWords, type Rig } from '@drimbo/core/movements/rig';
import { fullRig, movementName } from '@drimbo/core/movements/settings';
import { roughMass } from '@drimbo/core/units/mass';
import { X } from 'lucide-react';
import { useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { useNotebook } from '../../state/notebook';
import { useSomeone, type Someone } from '../../state/someone';
import { RigAbove } from '../../drawings/rig-above';
import { RigDrawing } from '../../drawings/rig-drawing';
import { EffortBars } from '../../drawings/effort-bars';
import { useWidth } from '../../drawings/use-width';
import { WorkCurves } from '../../drawings/work-curves';
import { Act } from '../../parts/act';
import { Blank } from '../../parts/blank';
import { Choice } from '../../parts/fields';
import { Sheet, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { KnobList } from '../rig/knobs';
import { readRig, writeRig, type RigChoice } from '../rig/rig-link';
import { notchesFor, seenFromAbove } from '../rig/rig-view';
import { EACH_HAND_KG } from './each-hand';
import { EveryNotch } from './every-notch';
import { SomeoneChoice } from '../shared/someone-choice';

const Page = styled.div`
  max-width: 1600px;
  margin: 0 auto;
  padding: 14px 16px 32px;
  > header {
    display: flex;
    align-items: end;
    flex-wrap: wrap;
    gap: 12px;
    margin-bottom: 10px;
    h1 {
      flex: 1 1 200px;
    }
  }
`;
const Columns = styled.div<{ $n: number }>`
  display: grid;
  grid-template-columns: repeat(${(p) => p.$n}, minmax(0, 1fr));
  column-gap: 10px;
  row-gap: 8px;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
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
const MOST = 4;
const workAtHand = ({ entry, rig }: RigChoice, body: Someone['body']) =>
  workOf(entry.movement, rig, body, sayingEachHand(entry.movement, EACH_HAND_KG));
const effortsAtHand = ({ entry, rig }: RigChoice, body: Someone['body']) =>
  effortsOf(entry.movement, rig, body, sayingEachHand(entry.movement, EACH_HAND_KG));
const startWith = ['dumbbell-fly', 'cable-fly-shoulder-height', 'machine-fly'];

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
    <Choice
      aria-label="Movement"
      value={value}
      onChange={(e) => {
        const entry = pool.find((p) => p.id === e.target.value);
        if (entry) take(entry);
      }}
    >
      {pool.some((e) => e.own) && (
        <optgroup label="Your own">
          {pool
            .filter((e) => e.own)
            .map((e) => (
              <option key={e.id} value={e.id}>
                {e.name}
              </option>
            ))}
        </optgroup>
      )}
      {familyIds.map((family) => (
        <optgroup key={family} label={familyNames[family]}>
          {pool
            .filter((e) => e.movement.family === family && !e.own)
            .map((e) => (
              <option key={e.id} value={e.id}>
                {e.name}
              </option>
            ))}
        </optgroup>
      ))}
    </Choice>
  );
}

/** One rig of a comparison: drawing, knobs, curves on the scale of all, and how hard each region works. */
function Compared({
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
  const figure = useMemo(() => figureOf(movement, rig, body), [movement, rig, body]);
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
          <Act small kind="quiet" onPress={drop} aria-label={`Take out ${name.toLowerCase()}`}>
            <X size={14} aria-hidden />
          </Act>
        )}
      </div>
      <div>
        <h2>{name}</h2>
        <p className="soft">{rigWords(rig, movement.knobs) || 'no settings'}</p>
      </div>
      <RigDrawing
        figure={figure}
        implement={movement.implement}
        oneSided={movement.oneSided === true}
        widthPx={inner}
        heightPx={170}
        load=""
        added={rig.added}
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
            <RigAbove figure={figure} tuck={null} grip={null} />
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

function Board({ notebook }: { notebook: Notebook }): ReactNode {
  const [address, setAddress] = useSearchParams();
  const clientId = address.get('client');
  const [kitId, setKitId] = useState<string | null>(null);
  const someone = useSomeone(clientId, kitId);
  const pool = offeredEntries(notebook);
  useEffect(() => {
    document.title = 'Compare movements · Drimbo';
  }, []);
  const asked = address.getAll('rig');
  const choices = (asked.length > 0 ? asked : startWith)
    .map((text) => readRig(text, notebook))
    .filter((c) => c !== null)
    .slice(0, MOST);
  const show = (next: readonly RigChoice[], client: string | null = clientId): void =>
    setAddress(
      [
        ...next.map((c) => ['rig', writeRig(c)] as [string, string]),
        ...(client ? [['client', client] as [string, string]] : []),
      ],
      {
        replace: true,
      },
    );
  const works = choices.map((c) => workAtHand(c, someone.body));
  const scaleNm = Math.max(
    1,
    ...works.flatMap((w) => (w ? w.points.flatMap((p) => [p.shoulderNm, Math.abs(p.elbowNm)]) : [])),
  );
  const more = (): void => {
    const unused = [...startWith, 'incline-dumbbell-press', 'barbell-bench-press', ...pool.map((e) => e.id)]
      .map((id) => entryIn(notebook, id))
      .find((e) => e && !choices.some((c) => c.entry.id === e.id));
    if (unused) show([...choices, { entry: unused, rig: unused.rig }]);
  };
  return (
    <Page>
      <header>
        <Title>Compare</Title>
        <SomeoneChoice
          someone={someone}
          clientId={clientId}
          onClient={(id) => show(choices, id)}
          onKit={setKitId}
        />
        <Act onPress={more} isDisabled={choices.length >= MOST}>
          Add one
        </Act>
      </header>
      <Columns $n={Math.max(2, choices.length)}>
        {choices.map((choice, i) => (
          <Compared
            key={i}
            choice={choice}
            first={i === 0 ? null : choices[0]!}
            pool={pool}
            someone={someone}
            scaleNm={scaleNm}
            change={(next) => show(choices.map((c, n) => (n === i ? next : c)))}
            drop={choices.length > 1 ? () => show(choices.filter((_, n) => n !== i)) : null}
          />
        ))}
      </Columns>
      {choices[0] && (
        <EveryNotch
          key={choices[0].entry.id}
          choice={choices[0]}
          someone={someone}
          take={(benchDeg) =>
            show(
              choices.map((c, i) =>
                i === 0 ? { ...c, rig: fullRig(c.entry.movement, { ...c.rig, benchDeg }) } : c,
              ),
            )
          }
        />
      )}
      <p style={{ color: ink.soft, fontSize: 12.5, marginTop: 10 }}>
        Curves are statics with 20 kg in each hand (the body alone where it is the load), all on one scale.
        Bars are a model&apos;s estimate of how hard a region works against the hardest-working one of the
        same movement, the thin line how sure it is; the tick is the first movement.{' '}
        <Link to="/movements/model">What the model knows and does not</Link>
      </p>
    </Page>
  );
}

/** Two to four rigs on one scale; which ones stands in the address. */
export function CompareScreen(): ReactNode {
  const notebook = useNotebook();
  if (notebook.error)
    return (
      <Blank title="The movements cannot be opened">
        <p>{notebook.error.message}</p>
        <Act onPress={() => void notebook.refetch()}>Try again</Act>
      </Blank>
    );
  return notebook.data ? <Board notebook={notebook.data.document} /> : <Blank title="Opening…" />;
}
