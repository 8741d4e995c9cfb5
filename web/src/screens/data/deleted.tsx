import type { Deleted as Row, Unreadable } from '@drimbo/core/formats';
import { bringKeptBack, canComeBack, DELETED_DAYS, goneId } from '@drimbo/core/movements';
import { addDays, format } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { allAnew, bringBack, lookThrough, useDeleted, useWork } from '../../data/house';
import { todayIso } from '../../data/queries';
import { changeNotebook, useNotebook } from '../../state/notebook';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Working } from './working';
import { TornList } from '../shared/unreadable';
import { Body, Rows } from './rows';
import { EraseClient } from '../shared/erase-client';
import { alongClient } from '../shared/along-words';

const kinds: Record<Row['kind'], string> = {
  client: 'Client',
  session: 'Session',
  kit: 'Gym',
  block: 'Block',
  school: 'School',
};

const alongWords = (row: Row): string => {
  const along = alongClient(row);
  return along.length === 0 ? '' : ` with ${along.join(' and ')}`;
};

/** What was deleted in the last thirty days. */
export function Deleted(): ReactNode {
  const deleted = useDeleted();
  const today = todayIso();
  const gone = (useNotebook().data?.document.deleted ?? []).filter((g) => canComeBack(g, today));
  const [wrong, setWrong] = useState('');
  const [said, setSaid] = useState('');
  const back = (row: Row): void => {
    setWrong('');
    bringBack(row).catch((error: Error) => setWrong(error.message));
  };
  return (
    <Sheet aria-label="Deleted">
      <SheetHead>
        <h2>Deleted</h2>
        <span>kept for thirty days</span>
      </SheetHead>
      {(wrong || said) && (
        <Body>
          {wrong && <p role="alert">{wrong}</p>}
          {said && <p role="status">{said}</p>}
        </Body>
      )}
      <Rows>
        {deleted.data?.map((row) => (
          <li key={`${row.kind}${row.id}`}>
            <span>
              {kinds[row.kind]} “{row.name}”{alongWords(row)}{' '}
              <small>gone for good on {format(row.goneOn, 'd MMMM')}</small>
            </span>
            <span className="acts">
              <Button small aria-label={`Bring back ${row.name}`} onPress={() => back(row)}>
                Bring back
              </Button>
              {row.kind === 'client' && (
                <EraseClient
                  id={row.id}
                  name={row.name}
                  label={`Erase ${row.name} for good`}
                  onErased={(says) => {
                    setSaid(says);
                    void allAnew();
                  }}
                  onWrong={setWrong}
                />
              )}
            </span>
          </li>
        ))}
        {gone.map((g) => (
          <li key={goneId(g)}>
            <span>
              {'own' in g ? `Own movement “${g.own.name}”` : `Template “${g.template.name}”`}{' '}
              <small>gone for good on {format(addDays(g.on, DELETED_DAYS), 'd MMMM')}</small>
            </span>
            <Button
              small
              aria-label={`Bring back ${'own' in g ? g.own.name : g.template.name}`}
              onPress={() => {
                changeNotebook(bringKeptBack(goneId(g))).catch((error: Error) => setWrong(error.message));
              }}
            >
              Bring back
            </Button>
          </li>
        ))}
        {deleted.data?.length === 0 && gone.length === 0 && (
          <li>Nothing was deleted in the last thirty days.</li>
        )}
      </Rows>
    </Sheet>
  );
}

/** Whether every document can still be read. */
export function LookThrough(): ReactNode {
  const work = useWork<Unreadable[]>();
  return (
    <Sheet aria-label="Soundness">
      <SheetHead>
        <h2>Soundness</h2>
      </SheetHead>
      <Body>
        <p>
          Opens every document and every logged set once and tells those that cannot be read, each with its
          text to save.
        </p>
        <div className="acts">
          <Button onPress={() => work.start('Looking through everything…', lookThrough)}>
            Look through everything
          </Button>
        </div>
        {work.busy && <Working says={work.busy} />}
        {work.wrong && <p role="alert">{work.wrong}</p>}
        {work.found?.length === 0 && <p role="status">Every document and every logged set can be read.</p>}
        {work.found && <TornList rows={work.found} />}
      </Body>
    </Sheet>
  );
}
