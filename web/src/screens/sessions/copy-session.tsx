import { type SessionListed, templateOf } from '@drimbo/core/formats';
import { keepTemplate } from '@drimbo/core/movements';
import { type Session, startedFor } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { documentOf } from '../../data/documents';
import { newId } from '../../data/ids';
import { todayIso } from '../../data/queries';
import { tell } from '../../parts/toast';
import { changeNotebook } from '../../state/notebook';
import { StartFrom } from './start-from';

/** Copies a session for whom the coach says, or keeps it as a template for anybody. */
export function CopySession({ session, close }: { session: SessionListed; close: () => void }): ReactNode {
  const source = async (): Promise<Session> => (await documentOf('session', session.id)).document;
  return (
    <StartFrom
      asks={`Copy “${session.title}”`}
      name={session.title}
      clientId={session.client.id}
      about={(clientId) =>
        clientId === session.client.id
          ? 'Everything is kept but its date and what was set aside.'
          : 'Loads given by hand are left out: the client’s own are worked out on their kit.'
      }
      make={async (whose, title) => startedFor(await source(), whose, title)}
      also={{
        says: 'Keep as a template',
        does: async (name) => {
          const id = newId('template');
          const template = templateOf(await source(), { id, name, keptOn: todayIso() });
          await changeNotebook(keepTemplate(template));
          tell(`“${name}” is kept as a template.`, () => {
            changeNotebook((n) => ({ ...n, templates: n.templates.filter((t) => t.id !== id) })).catch(
              (error: Error) => tell(error.message),
            );
          });
        },
      }}
      close={close}
    />
  );
}
