import type { Deleted as Row, Unreadable } from '@drimbo/core/formats/lists';
import { format } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { api } from '../../data/api';
import { allAnew, lookThrough, useDeleted, useWork } from '../../data/house';
import { Act } from '../../parts/act';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Busy } from '../../parts/busy';
import { TornList } from '../shared/unreadable';
import { Body, Rows } from './rows';

const kinds: Record<Row['kind'], string> = { client: 'Client', session: 'Session', kit: 'Gym' };

/** What was deleted in the last thirty days. */
export function Deleted(): ReactNode {
  const deleted = useDeleted();
  const [wrong, setWrong] = useState('');
  const bringBack = (row: Row): void => {
    setWrong('');
    api
      .post(`/${row.kind}s/${row.id}/bring-back`, {})
      .then(allAnew, (error: Error) => setWrong(`“${row.name}” stays deleted: ${error.message}`));
  };
  return (
    <Sheet aria-label="Deleted">
      <SheetHead>
        <h2>Deleted</h2>
        <span>kept for thirty days</span>
      </SheetHead>
      {wrong && (
        <Body>
          <p role="alert">{wrong}</p>
        </Body>
      )}
      <Rows>
        {deleted.data?.map((row) => (
          <li key={`${row.kind}${row.id}`}>
            <span>
              {kinds[row.kind]} “{row.name}” <small>gone for good on {format(row.goneOn, 'd MMMM')}</small>
            </span>
            <Act small aria-label={`Bring back ${row.name}`} onPress={() => bringBack(row)}>
              Bring back
            </Act>
          </li>
        ))}
        {deleted.data?.length === 0 && <li>Nothing was deleted in the last thirty days.</li>}
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
        <p>Opens every document once and tells those that cannot be read, each with its text to save.</p>
        <div className="acts">
          <Act onPress={() => work.start('Looking through everything…', lookThrough)}>
            Look through everything
          </Act>
        </div>
        {work.busy && <Busy says={work.busy} />}
        {work.wrong && <p role="alert">{work.wrong}</p>}
        {work.found?.length === 0 && <p role="status">Every document can be read.</p>}
        {work.found && <TornList rows={work.found} />}
      </Body>
    </Sheet>
  );
}
