import { appraise } from '@drimbo/core';
import { blockRules } from '@drimbo/core/block';
import { shelf } from '@drimbo/core/evidence';
import { type Rule, rules } from '@drimbo/core/review';
import { type Example, type RulePage, rulePages } from '@drimbo/core/review/pages';
import { reserveText, schemeText } from '@drimbo/core/session';
import { schools } from '@drimbo/core/schools';
import { loadText } from '@drimbo/core/formats';
import { useEffect, useMemo, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { Blank } from '../../parts/blank';
import { Sheet, SheetHead } from '../../parts/sheet';
import { effectText } from '../designer/fix-button';
import { RuleBody } from './rule-body';
import { ExampleSheet, RuleSheets } from './rule-sheets';
import { WeekRuleScreen } from './week-rule';
import { groundWords } from './words';

/** An example as a coach would read it, with what the rule says to it. */
function Shown({ rule, example, name }: { rule: Rule; example: Example; name: string }): ReactNode {
  const { lines, found } = useMemo(() => {
    const { session, context } = example;
    const appraisal = appraise(session, context);
    return { lines: appraisal.lines, found: appraisal.findings.filter((f) => f.rule === rule.id) };
  }, [rule, example]);
  return (
    <ExampleSheet
      name={name}
      says={example.says}
      found={found}
      below={({ fixes }) =>
        fixes.length > 0 && (
          <ul aria-label="Remedies">
            {fixes.map((fix) => (
              <li key={fix.label}>
                {fix.label} <span className="soft">{effectText(fix)}</span>
              </li>
            ))}
          </ul>
        )
      }
    >
      {lines.map((m) => (
        <li key={m.id}>
          <b>{m.name}</b> <span className="soft">{m.detail}</span>
          <br />
          {schemeText(m.line.scheme)}
          {loadText(m, 'kg') && `, ${loadText(m, 'kg')}`}, leave {reserveText(m.line.reserve)}
        </li>
      ))}
      {example.session.warmup.length > 0 && (
        <li className="soft">
          Warm-up: {example.session.warmup.map((w) => w.movement.replaceAll('-', ' ')).join(', ')}
        </li>
      )}
    </ExampleSheet>
  );
}

function Told({ rule, page }: { rule: Rule; page: RulePage }): ReactNode {
  const sources = shelf.filter((s) => s.rules.includes(rule.id));
  const others = Object.values(schools).filter((s) => s.voices[rule.id] !== undefined);
  return (
    <Sheet>
      <SheetHead>
        <h2>What it checks</h2>
      </SheetHead>
      <RuleBody>
        <p>{page.checks}</p>
        <p>
          <b>For whom.</b> {page.forWhom}
        </p>
        <p>
          <b>Rests on</b> {groundWords[rule.ground]}. {page.source}
        </p>
        {sources.length > 0 && (
          <ul>
            {sources.map((s) => (
              <li key={s.id}>
                <Link to={`/evidence#${s.id}`}>{s.cite}</Link> <span className="soft">{s.use}</span>
              </li>
            ))}
          </ul>
        )}
        <p>
          <b>How loud.</b> {rule.severity} unless the finding says otherwise
          {others.length > 0 ? '; but' : ', in every school that ships.'}
        </p>
        <ul>
          {others.map((s) => (
            <li key={s.id}>
              {s.name}: {s.voices[rule.id] === 'off' ? 'silent' : s.voices[rule.id]}
            </li>
          ))}
        </ul>
      </RuleBody>
    </Sheet>
  );
}

/** One rule: what it checks, for whom, on what ground, an example on which it speaks and one on which it does not. */
export function RuleScreen(): ReactNode {
  const { id = '' } = useParams();
  const rule = rules.find((r) => r.id === id);
  const page = rulePages[id];
  useEffect(() => {
    const named = rule ?? blockRules.find((r) => r.id === id);
    document.title = `${named?.title ?? 'Rule'} · Drimbo`;
  }, [rule, id]);
  const ofWeek = blockRules.find((r) => r.id === id);
  if (ofWeek) return <WeekRuleScreen rule={ofWeek} />;
  if (!rule || !page)
    return (
      <Blank title="There is no rule of this name">
        <Link to="/rules">To the rules</Link>
      </Blank>
    );
  return (
    <RuleSheets rule={rule}>
      <Told rule={rule} page={page} />
      <Shown rule={rule} example={page.fires} name="It speaks" />
      <Shown rule={rule} example={page.quiet} name="It is silent" />
    </RuleSheets>
  );
}
