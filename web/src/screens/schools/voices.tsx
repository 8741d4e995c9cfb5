import { type SchoolDocument, severities } from '@drimbo/core/schools';
import { blockRules } from '@drimbo/core/block';
import { rules, ruleTitle } from '@drimbo/core/review';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { Button } from '../../parts/button';
import { SearchBox } from '../../parts/search-box';
import { Select } from '../../parts/select';
import { Sheet, SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';
import type { SchoolPart } from './fields';

const List = styled.ul`
  list-style: none;
  padding: 0 12px 12px;
  margin: 0;
  font-size: ${size.small};
  max-height: 520px;
  overflow-y: auto;
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
    border-top: 1px solid ${ink.hush};
    padding: 3px 0;
  }
`;

type Voice = SchoolDocument['voices'][string];

/** How loudly each rule speaks in the school, or whether at all. */
export function Voices({ school, change }: SchoolPart): ReactNode {
  const [search, setSearch] = useState('');
  const put = (rule: string, voice: Voice | null): void => {
    const { [rule]: _before, ...others } = school.voices;
    change({ voices: voice === null ? others : { ...others, [rule]: voice } });
  };
  const shown = [...rules, ...blockRules].filter((r) =>
    r.title.toLowerCase().includes(search.trim().toLowerCase()),
  );
  return (
    <Sheet>
      <SheetHead>
        <h2>Voices of rules</h2>
        <span>{Object.keys(school.voices).length} changed</span>
      </SheetHead>
      <div style={{ padding: '0 12px 6px' }}>
        <SearchBox label="Find a rule" value={search} onChange={setSearch} />
      </div>
      <List tabIndex={0} aria-label="Rules">
        {shown.map((r) => (
          <li key={r.id}>
            <Link to={`/rules/${r.id}`}>{r.title}</Link>
            <Select
              small
              label={`Voice of ${r.title}`}
              labelPlace="unseen"
              value={school.voices[r.id] ?? null}
              none={`as it is: ${r.severity}`}
              options={[...severities.map((s) => [s, s] as [Voice, string]), ['off', 'silent']]}
              onChange={(voice) => put(r.id, voice)}
            />
          </li>
        ))}
      </List>
      {school.aside.length > 0 && (
        <>
          <SheetHead>
            <h2>Set aside for this school</h2>
          </SheetHead>
          <List>
            {school.aside.map((a) => (
              <li key={a.rule}>
                <span>
                  <Link to={`/rules/${a.rule}`}>{ruleTitle(a.rule)}</Link>: {a.reason} ({a.on})
                </span>
                <Button
                  small
                  kind="quiet"
                  onPress={() => change({ aside: school.aside.filter((x) => x.rule !== a.rule) })}
                >
                  Let it speak again
                </Button>
              </li>
            ))}
          </List>
        </>
      )}
    </Sheet>
  );
}
