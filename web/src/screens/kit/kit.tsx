import type { Stored } from '@drimbo/core/contract';
import type { Kit } from '@drimbo/core/kit';
import { useCallback, useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { removeDocument } from '../../data/documents';
import { kitKind } from '@drimbo/core/documents';
import { queryClient, useKits } from '../../data/queries';
import { saveFile } from '../../data/save-file';
import { useDocument } from '../../state/use-document';
import { SheetsPage } from '../../parts/pages';
import { Button } from '../../parts/button';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import { Ask } from '../../parts/ask';
import { afterDeleting } from '../shared/undo-delete';
import { Conflict } from '../shared/conflict';
import { UndoOfPage } from '../shared/undoing';
import { Bands } from './bands';
import { Benches } from './benches';
import { Chains } from './chains';
import { Floor } from './floor';
import { Gym } from './gym';
import { Bars, Dumbbells, Plates } from './bars-and-bells';
import { Stacks } from './stacks';

function Desk({ stored }: { stored: Stored<Kit> }): ReactNode {
  const kept = useCallback(
    (answer: Stored<Kit>) =>
      queryClient.setQueryData<Stored<Kit>[]>(['kits'], (old) =>
        old?.map((k) => (k.id === answer.id ? answer : k)),
      ),
    [],
  );
  const open = useDocument(kitKind, stored, kept);
  const { document: kit, change, says, conflict } = open;
  useEffect(() => {
    window.document.title = `${kit.name} · Drimbo`;
  }, [kit.name]);
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  const remove = (): void => {
    setWrong('');
    removeDocument('kit', stored.id)
      .then(() => afterDeleting({ kind: 'kit', id: stored.id, name: kit.name }, () => void go('/kit')))
      .catch((error: Error) => setWrong(error.message));
  };
  const save = (): void =>
    saveFile(`${kit.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.kit.json`, JSON.stringify(kit, null, 2));

  return (
    <SheetsPage $columns="1fr 1fr 1fr">
      <header>
        <Title>{kit.name}</Title>
        <p>Loads, warm-ups and swaps come from what is written here.</p>
        <span role="status" data-testid="save-state" style={{ fontSize: size.small, color: ink.soft }}>
          {says}
        </span>
        <UndoOfPage {...open} />
        <Button onPress={save}>Save as a file</Button>
        <Ask
          asks={`Delete ${kit.name}?`}
          does="Delete"
          keeps="Keep"
          about={<p>It leaves every list. For thirty days it can be brought back, on the page Data.</p>}
          onYes={remove}
        >
          Delete…
        </Ask>
      </header>
      <Conflict conflict={conflict} unit={kit.unit} />
      {wrong && (
        <p role="alert" style={{ marginBottom: 10, fontWeight: 620 }}>
          {wrong}
        </p>
      )}
      <div className="sheets">
        <div className="column">
          <Gym kit={kit} change={change} />
          <Benches kit={kit} change={change} />
          <Floor kit={kit} change={change} />
        </div>
        <div className="column">
          <Bars kit={kit} change={change} />
          <Plates kit={kit} change={change} />
          <Dumbbells kit={kit} change={change} />
          <Chains kit={kit} change={change} />
          <Bands kit={kit} change={change} />
        </div>
        <Stacks kit={kit} change={change} />
      </div>
    </SheetsPage>
  );
}

/** One gym's kit, edited in place and saved as it changes. */
export function KitScreen(): ReactNode {
  const { id = '' } = useParams();
  const kits = useKits();
  if (kits.error)
    return <Failed what="The kit cannot be opened" error={kits.error} again={() => void kits.refetch()} />;
  if (!kits.data) return <Blank title="Opening the kit…" />;
  const stored = kits.data.find((k) => k.id === id);
  if (!stored)
    return (
      <Blank title="There is no gym at this address">
        <Link to="/kit">To the gyms</Link>
      </Blank>
    );
  return <Desk key={id} stored={stored} />;
}
