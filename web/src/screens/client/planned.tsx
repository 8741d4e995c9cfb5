import type { ClientFile } from '@drimbo/core/contract';
import { format, parseISO } from 'date-fns';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { todayIso } from '../../data/queries';
import { ink } from '../../look/theme';
import { SheetHead } from '../../parts/sheet';
import { TextButton } from '../../parts/text-button';
import { tell } from '../../parts/toast';
import { Rows } from './rows';

const dayOf = (date: string): string => (date === todayIso() ? 'today' : format(parseISO(date), 'EEE d MMM'));

/** What is planned: the next days of the block under way, and the client's blocks. */
export function Planned({ file, onStart }: { file: ClientFile; onStart: () => void }): ReactNode {
  return (
    <>
      <SheetHead style={{ paddingTop: 16 }}>
        <h2>Planned</h2>
      </SheetHead>
      <Rows aria-label="Planned">
        {file.planned.map((p) => (
          <li key={`${p.block} ${p.date} ${p.name}`}>
            {p.session === null ? <span>{p.name}</span> : <Link to={`/sessions/${p.session}`}>{p.name}</Link>}
            <span style={{ color: ink.soft }}>
              {dayOf(p.date)}
              {p.light && ', lighter'}
            </span>
          </li>
        ))}
        {file.blocks.map((b) => (
          <li key={b.id}>
            <Link to={`/blocks/${b.id}`}>{b.title}</Link>
            <span style={{ color: ink.soft }}>block, to {format(parseISO(b.endsOn), 'd MMM')}</span>
          </li>
        ))}
        {file.blocks.length > 0 && (
          <li style={{ color: ink.soft }}>
            <TextButton
              onPress={() => {
                import('../blocks/save-calendar')
                  .then((m) =>
                    m.saveClientCalendar(
                      file.document.name,
                      file.blocks.map((b) => b.id),
                    ),
                  )
                  .catch((error: Error) => tell(`The calendar file cannot be written: ${error.message}`));
              }}
            >
              Save the days as a calendar file
            </TextButton>
          </li>
        )}
        {file.blocks.length === 0 && (
          <li style={{ color: ink.soft }}>
            <span>
              Nothing yet. <TextButton onPress={onStart}>Start a block</TextButton>: a split, its sessions, so
              many weeks.
            </span>
          </li>
        )}
      </Rows>
    </>
  );
}
