import {
  type BlockExample,
  blockPages,
  type BlockRule,
  findingsOf,
  measureBlock,
  placed,
  shortDayText,
  weeksText,
} from '@drimbo/core/block';
import { weekdayOf, weekdays } from '@drimbo/core/units';
import { useMemo, type ReactNode } from 'react';
import { Sheet, SheetHead } from '../../parts/sheet';
import { RuleBody } from './rule-body';
import { ExampleSheet, RuleSheets } from './rule-sheets';
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
    <ExampleSheet
      name={name}
      says={example.says}
      found={found}
      aside={(f) => <span className="soft">{weeksText(f.weeks)}</span>}
    >
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
                  ? session.blocks.flatMap((b) => b.lines.map((l) => l.id.replaceAll('-', ' '))).join(', ')
                  : 'no session'}
            </span>
          </li>
        );
      })}
    </ExampleSheet>
  );
}

/** One rule of the week or the block: what it checks, on what ground, and a block on which it speaks and one on which it does not. */
export function WeekRuleScreen({ rule }: { rule: BlockRule }): ReactNode {
  const page = blockPages[rule.id]!;
  return (
    <RuleSheets rule={rule}>
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
            <b>How loud.</b> {rule.severity} unless the finding says otherwise. It looks at weeks that are not
            done.
          </p>
        </RuleBody>
      </Sheet>
      <Shown rule={rule} example={page.fires} name="It speaks" />
      <Shown rule={rule} example={page.quiet} name="It is silent" />
    </RuleSheets>
  );
}
