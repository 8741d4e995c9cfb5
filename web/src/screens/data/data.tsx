import { useEffect, type ReactNode } from 'react';
import { SheetsPage } from '../../parts/pages';
import { Title } from '../../parts/sheet';
import { Backups } from './backups';
import { Deleted, LookThrough } from './deleted';
import { Moving } from './moving';
import { Network } from './network';

/** Where a coach's work lies, how it is copied, moved and brought back. */
export function DataScreen(): ReactNode {
  useEffect(() => {
    document.title = 'Data · Drimbo';
  }, []);
  return (
    <SheetsPage $columns="1fr 1fr">
      <header>
        <Title>Data</Title>
        <p>
          Your work lies in one file on this machine. Nothing of it goes anywhere unless you take it there.
        </p>
      </header>
      <div className="sheets">
        <div className="column">
          <Backups />
          <Network />
        </div>
        <div className="column">
          <Moving />
          <Deleted />
          <LookThrough />
        </div>
      </div>
    </SheetsPage>
  );
}
