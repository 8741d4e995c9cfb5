import { ruleShelf } from '@drimbo/core/review/pages';
import { blockRules } from '@drimbo/core/block';
import { type Rule, rules } from '@drimbo/core/review';
import { useEffect, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { Mark } from '../../parts/mark';
import { ListPage, ListTable } from '../../parts/pages';
import { SearchBox } from '../../parts/search-box';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { JudgementTabs } from './judgement-tabs';
import { groundWords } from './words';

type Told = Pick<Rule, 'id' | 'title' | 'severity' | 'ground'>;
const byId = new Map<string, Told>([...rules, ...blockRules].map((r) => [r.id, r]));

/** Rules of the week and of the block, told as those of a session are. */
const weekShelf = {
  title: 'The week and the block',
  pages: Object.fromEntries(blockRules.map((r) => [r.id, { checks: r.about, forWhom: '' }])),
};

/** Every rule of the review by what it is about. */
export function RulesScreen(): ReactNode {
  const [search, setSearch] = useState('');
  useEffect(() => {
    document.title = 'Rules · Drimbo';
  }, []);
  const wanted = search.trim().toLowerCase();
  const shelves = [...ruleShelf, weekShelf]
    .map(({ title, pages }) => ({
      title,
      rows: Object.entries(pages)
        .map(([id, page]) => ({ id, page, rule: byId.get(id)! }))
        .filter(({ page, rule }) =>
          `${rule.title} ${page.checks} ${page.forWhom}`.toLowerCase().includes(wanted),
        ),
    }))
    .filter((s) => s.rows.length > 0);
  return (
    <ListPage>
      <JudgementTabs />
      <header>
        <Title>Rules</Title>
        <span>
          {rules.length} rules look at every session, {blockRules.length} at every week
        </span>
        <SearchBox label="Find a rule" value={search} onChange={setSearch} />
      </header>
      {shelves.map(({ title, rows }) => (
        <Sheet key={title} style={{ marginBottom: 10 }}>
          <SheetHead>
            <h2>{title}</h2>
          </SheetHead>
          <ListTable>
            <thead>
              <tr>
                <th scope="col">Rule</th>
                <th scope="col">When it speaks</th>
                <th scope="col">Rests on</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ id, page, rule }) => (
                <tr key={id}>
                  <td style={{ width: 260 }}>
                    <Link className="name" to={`/rules/${id}`}>
                      {rule.title}
                    </Link>
                    <small>
                      <Mark severity={rule.severity} />
                    </small>
                  </td>
                  <td>{page.checks}</td>
                  <td className="nowrap">{groundWords[rule.ground]}</td>
                </tr>
              ))}
            </tbody>
          </ListTable>
        </Sheet>
      ))}
      {shelves.length === 0 && <p role="status">No rule speaks of “{search}”.</p>}
    </ListPage>
  );
}
