import type { Stored } from '@drimbo/core/contract';
import { dayWords } from '@drimbo/core/units';
import { groupNames, regions } from '@drimbo/core/anatomy';
import { measure, type Measured } from '@drimbo/core/measure';
import { beside } from '@drimbo/core/review';
import { schemeText, type Session } from '@drimbo/core/session';
import { useQueries } from '@tanstack/react-query';
import { useEffect, useMemo, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { styled } from 'styled-components';
import { documentOf } from '../../data/documents';
import { useClientFile, useClientNames, useKits, useSchools } from '../../data/queries';
import { LikenessMatrix } from '../../drawings/likeness-matrix';
import { useNotebook } from '../../state/notebook';
import { contextOf } from '../../state/use-opened';
import { Blank } from '../../parts/blank';
import { ComboBox } from '../../parts/combo-box';
import { Failed } from '../../parts/failed';
import { SheetsPage } from '../../parts/pages';
import { Select } from '../../parts/select';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { ink, size } from '../../look/theme';

const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  ol {
    list-style: none;
    padding: 0;
    margin: 0;
  }
  li,
  > table tr {
    border-top: 1px solid ${ink.hush};
  }
  li {
    padding: 4px 0;
  }
  > table {
    width: 100%;
    border-collapse: collapse;
  }
  > table th,
  > table td {
    text-align: right;
    font-weight: 420;
    padding: 4px 0;
  }
  > table th:first-child {
    text-align: left;
  }
  > table thead th,
  .soft {
    color: ${ink.soft};
  }
  p {
    margin: 4px 0;
  }
`;

const figure = (n: number): string => n.toFixed(1);

function Order({ name, s, id }: { name: string; s: Measured; id: string }): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>{name}</h2>
        <span>
          {s.lines.length} movements, {Math.round(s.timeline.totalS / 60)} min
        </span>
      </SheetHead>
      <Body>
        <p>
          <Link to={`/sessions/${id}`}>{s.session.title}</Link>
        </p>
        <ol>
          {s.lines.map((m, i) => (
            <li key={m.id}>
              {i + 1} <b>{m.name}</b> <span className="soft">{m.detail}</span>
              <br />
              {schemeText(m.line.scheme)}
            </li>
          ))}
        </ol>
      </Body>
    </Sheet>
  );
}

function Together({ a, b }: { a: Measured; b: Measured }): ReactNode {
  const told = useMemo(() => beside(a, b), [a, b]);
  const named = (ids: readonly (keyof typeof regions)[]): string =>
    ids.map((id) => regions[id].name.toLowerCase()).join(', ') || 'nothing';
  return (
    <Sheet>
      <SheetHead>
        <h2>Together</h2>
        <span>hard sets, fractional</span>
      </SheetHead>
      <Body>
        <table>
          <thead>
            <tr>
              <th scope="col">Group</th>
              <th scope="col">First</th>
              <th scope="col">Second</th>
              <th scope="col">Both</th>
            </tr>
          </thead>
          <tbody>
            {told.groups.map((g) => (
              <tr key={g.group}>
                <th scope="row">{groupNames[g.group]}</th>
                <td>{figure(g.first)}</td>
                <td>{figure(g.second)}</td>
                <td>
                  <b>{figure(g.first + g.second)}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <p>
          <b>The second adds</b> direct sets for {named(told.adds)}.
        </p>
        <p>
          <b>Neither has</b> a direct set for {named(told.neither)}.
        </p>
        {told.filled.length > 0 && (
          <p>
            <b>The second makes good:</b> {told.filled.map((f) => f.what).join(' ')}
          </p>
        )}
        <p>
          <b>The same job on both days:</b>{' '}
          {told.same.length === 0
            ? 'none.'
            : `${told.same.map((x) => (x.isSameName ? x.first : `${x.first} and ${x.second.toLowerCase()}`)).join('; ')}.`}
        </p>
        <LikenessMatrix
          label="How far the movements of the first do the job of those of the second, in hundredths"
          rows={a.lines}
          columns={b.lines}
        />
        <p className="soft">Down the first session, across the second; 85 and more is the same job.</p>
      </Body>
    </Sheet>
  );
}

/** Two sessions of one client side by side: dose, order, what they repeat, what the second adds. */
export function CompareSessionsScreen(): ReactNode {
  const [address, setAddress] = useSearchParams();
  const names = useClientNames().data ?? [];
  const clientId = address.get('client') ?? names[0]?.id ?? null;
  const file = useClientFile(clientId ?? undefined).data;
  const kits = useKits().data;
  const schools = useSchools().data;
  const notebook = useNotebook().data?.document;
  const briefs = file?.sessions ?? [];
  const ids = ['a', 'b'].map((key, i) => address.get(key) ?? briefs[i]?.id ?? briefs[0]?.id ?? null);
  const found = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['session', id, 'compared'],
      queryFn: () => documentOf('session', id!),
      enabled: id !== null,
    })),
  });
  useEffect(() => {
    document.title = 'Two sessions · Drimbo';
  }, []);
  const wrong = found.find((q) => q.error)?.error;
  const [first, second] = [found[0]?.data, found[1]?.data];
  const measured = useMemo(() => {
    if (!first || !second || !file || !kits || !schools || !notebook) return null;
    const of = ({ document }: Stored<Session>): Measured =>
      measure(document, contextOf(document, { file, kits, notebook, schools }));
    return [of(first), of(second)] as const;
  }, [first, second, file, kits, schools, notebook]);
  const put = (patch: Record<string, string>): void =>
    setAddress((old) => ({ ...Object.fromEntries(old), ...patch }), { replace: true });
  const options = briefs.map((s): [string, string] => [
    s.id,
    `${s.title}${s.date ? `, ${dayWords(s.date)}` : ''}`,
  ]);
  return (
    <SheetsPage $columns="0.85fr 0.85fr 1.3fr">
      <header style={{ alignItems: 'end', flexWrap: 'wrap' }}>
        <Title style={{ flex: 1 }}>Two sessions</Title>
        <ComboBox
          label="Client"
          value={clientId ?? ''}
          options={names.map((c): [string, string] => [c.id, c.name])}
          onChange={(client) => setAddress({ client }, { replace: true })}
        />
        <Select
          label="First"
          value={ids[0] ?? null}
          options={options}
          onChange={(a) => a && put({ client: clientId!, a })}
        />
        <Select
          label="Second"
          value={ids[1] ?? null}
          options={options}
          onChange={(b) => b && put({ client: clientId!, b })}
        />
      </header>
      {wrong && (
        <Failed
          what="A session cannot be opened"
          error={wrong}
          again={() => found.forEach((q) => void q.refetch())}
        />
      )}
      {file && briefs.length === 0 && (
        <Blank title="This client has no session yet">Start one on the client’s page.</Blank>
      )}
      {measured && (
        <div className="sheets">
          <Order name="First" s={measured[0]} id={ids[0]!} />
          <Order name="Second" s={measured[1]} id={ids[1]!} />
          <Together a={measured[0]} b={measured[1]} />
        </div>
      )}
    </SheetsPage>
  );
}
