import { placed } from '@drimbo/core/block/placing';
import { measureBlock } from '@drimbo/core/block/measuring';
import { findingsOf } from '@drimbo/core/block/judging';
import type { BlockRule } from '@drimbo/core/block/model';
import { blockPages, type BlockExample } from '@drimbo/core/block/pages';
import { shortDayText } from '@drimbo/core/block/short-day';
import { weeksText } from '@drimbo/core/block/words';
import { weekdayOf, weekdays } from '@drimbo/core/units/dates';
import { useMemo, type ReactNode } from 'react';
import { Mark } from '../../parts/mark';
import { SheetsPage } from '../../parts/pages';
import { Sheet, SheetHead, Title } from '../../parts/sheet';
import { JudgementTabs } from './judgement-tabs';
import { RuleBody } from './rule-body';
import { groundWords } from './words';

/** The first week of an example and what the rule says to the block. */
function Shown({ rule, example, name }: { rule: BlockRule; example: BlockExample; name: string }): ReactNode {
  const { block, context } = example;
  const found = useMemo(
    () => findingsOf(measureBlock(block, context)).filter((f) => f.rule === rule.id),
    [rule, block, context],
  );
  const days = placed(block).filter((p) => p.week === 0);
  return (
    <Sheet>
      <SheetHead>
        <h2>{name}</h2>
        <span>{example.says}</span>
      </SheetHead>
      <RuleBody>
        <ol>
          {days.map((p) => {
            const training = block.days.find((d) => d.id === p.training)!;
            const { does } = training;
            const session = does.is === 'session' ? context.sessions[does.session] : undefined;
            return (
              <li key={p.day}>
                <b>
                  {weekdays[weekdayOf(p.date)]} {training.name}
                </b>{' '}
                <span className="soft">
                  {does.is === 'short'
                    ? shortDayText(does.work)
                    : session
                      ? session.blocks
                          .flatMap((b) => b.lines.map((l) => l.id.replaceAll('-', ' ')))
                          .join(', ')
                      : 'no session'}
                </span>
              </li>
            );
          })}
        </ol>
        {found.map((f) => (
          <div key={f.key}>
            <p>
              <Mark severity={f.severity} /> <b>{f.what}</b>{' '}
              <span className="soft">{weeksText(f.weeks)}</span>
            </p>
            <p className="soft">{f.why}</p>
          </div>
        ))}
        {found.length === 0 && <p className="soft">The rule has nothing to say.</p>}
      </RuleBody>
    </Sheet>
  );
}

/** One rule of the week or the block: what it checks, on what ground, and a block on which it speaks and one on which it does not. */
export function WeekRuleScreen({ rule }: { rule: BlockRule }): ReactNode {
  const page = blockPages[rule.id]!;
  return (
    <SheetsPage $columns="1fr 1fr 1fr">
      <JudgementTabs />
      <header>
        <Title>{rule.title}</Title>
        <p>{rule.id}</p>
      </header>
      <div className="sheets">
        <Sheet>
          <SheetHead>
            <h2>What it checks</h2>
          </SheetHead>
          <RuleBody>
            <p>{rule.about}</p>
            <p>
              <b>Rests on</b> {groundWords[rule.ground]}.
            </p>
            <p>
              <b>How loud.</b> {rule.severity} unless the finding says otherwise. It looks at weeks that are
              not done.
            </p>
          </RuleBody>
        </Sheet>
        <Shown rule={rule} example={page.fires} name="It speaks" />
        <Shown rule={rule} example={page.quiet} name="It is silent" />
      </div>
    </SheetsPage>
  );
}
