import { kitKind } from '@drimbo/core/documents';
import { emptyKit, type Kit, notchesOf } from '@drimbo/core/kit';
import { massFigure } from '@drimbo/core/units';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { createOnce } from '../../data/create';
import { queryClient, useKits } from '../../data/queries';
import { ListPage, ListTable } from '../../parts/pages';
import { Button } from '../../parts/button';
import { FileChoice } from '../../parts/file-choice';
import { Blank } from '../../parts/blank';
import { Failed } from '../../parts/failed';
import { Sheet, Title } from '../../parts/sheet';
import { UnreadableKits } from '../shared/unreadable';

const heaviest = (kit: Kit): string => {
  const bell = Math.max(0, ...kit.dumbbells.map((d) => d.kg));
  return bell > 0 ? `dumbbells to ${massFigure(bell, kit.unit)} ${kit.unit}` : 'no dumbbells';
};

/** Says in one sentence what is wrong with a file that should be a kit. */
function kitFrom(text: string): Kit {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw new Error('This file is not JSON. Choose a kit that was saved from Drimbo.');
  }
  const checked = kitKind.any.safeParse(data);
  if (checked.success) return checked.data;
  const issue = checked.error.issues[0]!;
  throw new Error(
    `This is not a kit: ${issue.path.join('.') || 'the file'} – ${issue.message}. Nothing was imported.`,
  );
}

/** The gyms a coach works in. */
export function KitsScreen(): ReactNode {
  const kits = useKits();
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  useEffect(() => {
    document.title = 'Gyms · Drimbo';
  }, []);
  const add = async (kit: Kit): Promise<void> => {
    const stored = await createOnce(`gym ${kit.name}`, 'kit', kit);
    await queryClient.invalidateQueries({ queryKey: ['kits'] });
    void go(`/kit/${stored.id}`);
  };
  const attempt = (work: Promise<void>): void => {
    setWrong('');
    work.catch((error: Error) => setWrong(error.message));
  };
  if (kits.error)
    return <Failed what="The kits cannot be opened" error={kits.error} again={() => void kits.refetch()} />;
  return (
    <ListPage>
      <header>
        <Title>Gyms</Title>
        <span>
          {kits.data?.length ?? 0} {kits.data?.length === 1 ? 'gym' : 'gyms'}
        </span>
        <FileChoice
          accept="application/json,.json"
          onFile={(file) => attempt(file.text().then((text) => add(kitFrom(text))))}
        >
          Import a file
        </FileChoice>
        <Button kind="strong" onPress={() => attempt(add(emptyKit('New gym', 'kg')))}>
          Add a gym
        </Button>
      </header>
      {wrong && (
        <p role="alert" style={{ marginBottom: 10, fontWeight: 620 }}>
          {wrong}
        </p>
      )}
      <UnreadableKits />
      <Sheet>
        <ListTable>
          <thead>
            <tr>
              <th scope="col">Gym</th>
              <th scope="col">Loads</th>
              <th scope="col">Benches</th>
              <th scope="col">Rack</th>
            </tr>
          </thead>
          <tbody>
            {(kits.data ?? []).map(({ id, document: kit }) => (
              <tr key={id}>
                <td>
                  <Link className="name" to={`/kit/${id}`}>
                    {kit.name}
                  </Link>
                  <small>in {kit.unit}</small>
                </td>
                <td>
                  {kit.bars.length} {kit.bars.length === 1 ? 'bar' : 'bars'}, {heaviest(kit)},{' '}
                  {kit.stacks.length === 0
                    ? 'no stacks'
                    : kit.stacks.map((s) => s.name.toLowerCase()).join(', ')}
                </td>
                <td>
                  {notchesOf(kit)
                    .map((n) => `${n}°`)
                    .join(' ') || 'none'}
                </td>
                <td>
                  {kit.rack.count === 0
                    ? 'none'
                    : kit.rack.safetyArms
                      ? 'with safety arms'
                      : 'without safety arms'}
                </td>
              </tr>
            ))}
          </tbody>
        </ListTable>
        {kits.data?.length === 0 && (
          <Blank title="No gym yet">
            <p>
              Loads come from what stands there. Write one down piece by piece, or begin from a usual one.
            </p>
            <Link to="/start">Take the first steps</Link>
          </Blank>
        )}
      </Sheet>
    </ListPage>
  );
}
