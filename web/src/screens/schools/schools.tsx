import { type School, schools } from '@drimbo/core/schools';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { useSchools } from '../../data/queries';
import { addSchool, copySchool } from '../../data/schools';
import { Button } from '../../parts/button';
import { Failed } from '../../parts/failed';
import { FileChoice } from '../../parts/file-choice';
import { ListPage, ListTable } from '../../parts/pages';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { JudgementTabs } from '../rules/judgement-tabs';
import { readSchool } from './read-school';

function Rows({ all, onCopy }: { all: readonly School[]; onCopy: (school: School) => void }): ReactNode {
  return (
    <ListTable>
      <thead>
        <tr>
          <th scope="col">School</th>
          <th scope="col">Main sets</th>
          <th scope="col">First lift, others</th>
          <th scope="col">Starts with</th>
          <th scope="col">
            <span className="unseen">Copy</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {all.map((s) => (
          <tr key={s.id}>
            <td>
              <Link className="name" to={`/schools/${s.id}`}>
                {s.name}
              </Link>
              <small>{s.line}</small>
            </td>
            <td className="nowrap" data-after="main sets">
              {s.mainBand.lo}–{s.mainBand.hi}
            </td>
            <td className="nowrap" data-after="reps">
              {s.homes.first.lo}–{s.homes.first.hi}, {s.homes.others.lo}–{s.homes.others.hi}
            </td>
            <td>
              {s.starting.sets} sets, leaving {s.starting.reserve.compound.first} then{' '}
              {s.starting.reserve.compound.last}, rest {s.starting.restS.compound} s
            </td>
            <td>
              <Button small aria-label={`Copy ${s.name}`} onPress={() => onCopy(s)}>
                Copy
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}

/** The schools that ship and the coach's own. */
export function SchoolsScreen(): ReactNode {
  const own = useSchools();
  const go = useNavigate();
  const [wrong, setWrong] = useState('');
  useEffect(() => {
    document.title = 'Schools · Drimbo';
  }, []);
  const attempt = (work: Promise<string>): void => {
    setWrong('');
    work.then(
      (id) => void go(`/schools/${id}`),
      (error: Error) => setWrong(error.message),
    );
  };
  const copy = (school: School): void => attempt(copySchool(school));
  if (own.error)
    return <Failed what="The schools cannot be opened" error={own.error} again={() => void own.refetch()} />;
  const mine = own.data?.map(({ school }) => school) ?? [];
  return (
    <ListPage>
      <JudgementTabs />
      <header>
        <Title>Schools</Title>
        <span>a session names the one it is judged by; copy one to change it</span>
        <FileChoice
          accept="application/json,.json"
          onFile={(file) => attempt(file.text().then((text) => addSchool(readSchool(text))))}
        >
          Import a file
        </FileChoice>
      </header>
      {wrong && <p role="alert">{wrong}</p>}
      {mine.length > 0 && (
        <Sheet style={{ marginBottom: 10 }}>
          <SheetHead>
            <h2>Your own</h2>
          </SheetHead>
          <Rows all={mine} onCopy={copy} />
        </Sheet>
      )}
      <Sheet>
        <SheetHead>
          <h2>They ship with Drimbo</h2>
        </SheetHead>
        <Rows all={Object.values(schools)} onCopy={copy} />
      </Sheet>
    </ListPage>
  );
}
