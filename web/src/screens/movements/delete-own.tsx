import { deleteKept, findMovement, movementName, type OwnMovement } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { todayIso } from '../../data/queries';
import { useUses } from '../../data/uses';
import { Ask } from '../../parts/ask';
import { tell } from '../../parts/toast';
import { changeNotebook } from '../../state/notebook';
import { tellKeptDeleted } from '../shared/undo-delete';

/** Deletes an own movement, once it has said which sessions have it and what becomes of them. */
export function DeleteOwn({ own }: { own: OwnMovement }): ReactNode {
  const go = useNavigate();
  const uses = useUses(own.id).data;
  const base = movementName(findMovement(own.movement)!, own.rig).toLowerCase();
  const remove = (): void => {
    changeNotebook(deleteKept(own.id, todayIso())).then(
      () => {
        void go('/movements');
        tellKeptDeleted(own.name, own.id);
      },
      (error: Error) => tell(`“${own.name}” is still there: ${error.message}`),
    );
  };
  return (
    <Ask
      asks={`Delete “${own.name}”?`}
      does="Delete it"
      keeps="Keep it"
      about={
        <p>
          {uses === undefined
            ? 'Looking which sessions have it…'
            : uses.sessions === 0
              ? 'No session has it.'
              : `${uses.sessions} ${uses.sessions === 1 ? 'session has' : 'sessions have'} it, ${uses.drafts} of them not done yet. They keep their sets and become “${base}” with these settings; its own cues and credits are gone from them until it is brought back.`}
        </p>
      }
      onYes={remove}
    >
      Delete…
    </Ask>
  );
}
