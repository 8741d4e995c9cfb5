import { entryIn, fullRig, type Notebook, offeredEntries } from '@drimbo/core/movements';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { useNotebook } from '../../state/notebook';
import { useSomeone } from '../../state/someone';
import { Button } from '../../parts/button';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Title } from '../../parts/sheet';
import { ink } from '../../look/theme';
import { readRig, writeRig, type RigChoice } from '../set-up/rig-link';
import { Compared, workAtHand } from './compared';
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
const MOST = 4;
const startWith = ['dumbbell-fly', 'cable-fly-shoulder-height', 'machine-fly'];

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
        <Button onPress={more} isDisabled={choices.length >= MOST}>
          Add one
        </Button>
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
      <Failed
        what="The movements cannot be opened"
        error={notebook.error}
        again={() => void notebook.refetch()}
      />
    );
  return notebook.data ? <Board notebook={notebook.data.document} /> : <Blank title="Opening…" />;
}
