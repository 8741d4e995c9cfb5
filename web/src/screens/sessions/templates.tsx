import { fromTemplate, sessionIn } from '@drimbo/core/formats';
import { deleteKept, type Template } from '@drimbo/core/movements';
import { linesOf } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { todayIso } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Ask } from '../../parts/ask';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { tell } from '../../parts/toast';
import { changeNotebook, useNotebook } from '../../state/notebook';
import { tellKeptDeleted } from '../shared/undo-delete';
import { StartFrom } from './start-from';

const Rows = styled.ul`
  max-height: 190px;
  overflow-y: auto;
  li {
    display: flex;
    align-items: center;
    gap: 10px;
    padding: 4px 12px;
    border-top: 1px solid ${ink.hush};
    font-size: ${size.small};
  }
  b {
    font-weight: 650;
  }
  .about {
    flex: 1;
    color: ${ink.soft};
  }
`;

function OneTemplate({ template }: { template: Template }): ReactNode {
  const [isStarting, setStarting] = useState(false);
  const session = sessionIn(template);
  const { id, name } = template;
  return (
    <li>
      <b>{name}</b>
      <span className="about">
        {session
          ? `${linesOf(session).length} movements, kept ${template.keptOn}`
          : 'This template can no longer be read.'}
      </span>
      {session && (
        <Button small onPress={() => setStarting(true)} aria-label={`Start ${name} for a client`}>
          Start for…
        </Button>
      )}
      {isStarting && (
        <StartFrom
          asks={`Start “${name}”`}
          name={name}
          clientId={null}
          about={() => 'Loads are worked out from the client’s own maxes, on their kit, in their time.'}
          make={(whose, title) => {
            const made = fromTemplate(template, whose, title);
            return made
              ? Promise.resolve(made)
              : Promise.reject(new Error('This template can no longer be read.'));
          }}
          close={() => setStarting(false)}
        />
      )}
      <Ask
        kind="quiet"
        label={`Delete the template ${name}`}
        asks={`Delete the template “${name}”?`}
        does="Delete it"
        keeps="Keep it"
        about={
          <p>Sessions started from it stay. For thirty days it can be brought back, on the page Data.</p>
        }
        onYes={() => {
          changeNotebook(deleteKept(id, todayIso())).then(
            () => tellKeptDeleted(name, id),
            (error: Error) => tell(error.message),
          );
        }}
      >
        Delete…
      </Ask>
    </li>
  );
}

/** Sessions kept to be started for anybody. */
export function Templates(): ReactNode {
  const templates = useNotebook().data?.document.templates ?? [];
  if (templates.length === 0) return null;
  return (
    <Sheet aria-label="Templates" style={{ marginBottom: 10 }}>
      <SheetHead>
        <h2>Templates</h2>
        <span>made with Copy…</span>
      </SheetHead>
      <Rows>
        {templates.map((t) => (
          <OneTemplate key={t.id} template={t} />
        ))}
      </Rows>
    </Sheet>
  );
}
