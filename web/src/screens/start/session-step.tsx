import type { Stored } from '@drimbo/core/contract';
import { usualDay } from '@drimbo/core/choosing';
import type { Kit } from '@drimbo/core/kit';
import { schoolOf } from '@drimbo/core/schools';
import { filledUp, singleBlock } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { documentOf } from '../../data/documents';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import { startSession } from '../shared/start-session';

/** The first session: a usual push day of what this gym has, to be changed, or nothing yet. */
export function SessionStep({
  clientId,
  kits,
}: {
  clientId: string;
  kits: readonly Stored<Kit>[];
}): ReactNode {
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  const begin = async (isFilled: boolean): Promise<void> => {
    setWrong('');
    try {
      const { document: client } = await documentOf('client', clientId);
      const kit = kits.find((k) => k.id === client.kitId)?.document;
      const id = await startSession({ id: clientId, document: client }, kits, (empty) => ({
        ...empty,
        warmup: isFilled ? filledUp([], newId) : [],
        blocks:
          isFilled && kit
            ? usualDay({ client, kit, school: schoolOf(empty.school, []) }, () => newId('line')).map((line) =>
                singleBlock(newId('block'), line),
              )
            : [],
      }));
      void go(`/sessions/${id}`);
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  return (
    <>
      <p>
        A push day as it is usually put together, of what this gym has; every movement, set and load is then
        yours to change. Or type the first movement yourself.
      </p>
      {wrong && <p role="alert">{wrong}</p>}
      <div className="feet" style={{ marginTop: 10 }}>
        <Button kind="strong" autoFocus onPress={() => void begin(true)}>
          Begin with a usual push day
        </Button>
        <Button onPress={() => void begin(false)}>Begin with an empty one</Button>
      </div>
    </>
  );
}
