import type { Finding } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { Mark } from '../../parts/mark';
import { SheetsPage } from '../../parts/pages';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { JudgementTabs } from './judgement-tabs';
import { RuleBody } from './rule-body';

/** The page of a rule: its name, and three sheets beside each other. */
export const RuleSheets = ({
  rule,
  children,
}: {
  rule: { id: string; title: string };
  children: ReactNode;
}): ReactNode => (
  <SheetsPage $columns="1fr 1fr 1fr">
    <JudgementTabs />
    <header>
      <Title>{rule.title}</Title>
      <p>{rule.id}</p>
    </header>
    <div className="sheets">{children}</div>
  </SheetsPage>
);

/** An example: what it is made of, and what the rule says to it. */
export function ExampleSheet<F extends Pick<Finding, 'key' | 'severity' | 'what' | 'why'>>({
  name,
  says,
  found,
  aside,
  below,
  children,
}: {
  name: string;
  says: string;
  found: readonly F[];
  /** Said behind a finding. */
  aside?: (finding: F) => ReactNode;
  /** Said below it. */
  below?: (finding: F) => ReactNode;
  children: ReactNode;
}): ReactNode {
  return (
    <Sheet>
      <SheetHead>
        <h2>{name}</h2>
        <span>{says}</span>
      </SheetHead>
      <RuleBody>
        <ol>{children}</ol>
        {found.map((f) => (
          <div key={f.key}>
            <p>
              <Mark severity={f.severity} /> <b>{f.what}</b> {aside?.(f)}
            </p>
            <p className="soft">{f.why}</p>
            {below?.(f)}
          </div>
        ))}
        {found.length === 0 && <p className="soft">The rule has nothing to say.</p>}
      </RuleBody>
    </Sheet>
  );
}
