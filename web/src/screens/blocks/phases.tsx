import { type Phase, type WeekRule, weeksFor } from '@drimbo/core/block';
import { aims, homesOf } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { BlockDesk } from '../../state/use-block';

/** The weeks of phases, as long as before where nothing else is known of them. */
const weeksOfPhases = (
  phases: readonly Phase[],
  before: readonly WeekRule[],
  changed: number,
): WeekRule[] => {
  let at = 0;
  return phases.flatMap(({ aim, weeks }, i) => {
    const from = at;
    at += weeks;
    const old = before.slice(from, from + weeks);
    return i === changed || old.length < weeks ? weeksFor(aim, weeks) : old;
  });
};

/** What the weeks are for, part by part. */
export function Phases({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  const put = (phases: Phase[], changed: number, says: string): void =>
    take({ block: { phases, weeks: weeksOfPhases(phases, block.weeks, changed) }, sessions: [] }, says);
  const patch = (i: number, part: Partial<Phase>, says: string): void =>
    put(
      block.phases.map((p, n) => (n === i ? { ...p, ...part } : p)),
      i,
      says,
    );
  return (
    <section aria-label="Phases">
      <h3>Phases</h3>
      {block.phases.map((p, i) => (
        <div className="row" key={i}>
          <TextField
            label={`Phase ${i + 1}: what it is for`}
            value={p.goal}
            maxLength={120}
            onChange={(goal) =>
              take(
                {
                  block: { phases: block.phases.map((x, n) => (n === i ? { ...x, goal } : x)) },
                  sessions: [],
                },
                'name a phase',
                `phase ${i}`,
              )
            }
          />
          <Select
            label="Trains for"
            value={p.aim}
            options={aims.map((a) => [a, a])}
            onChange={(aim) => aim && patch(i, { aim }, 'change what a phase is for')}
          />
          <NumberField
            className="few"
            label="Weeks"
            value={p.weeks}
            lo={1}
            hi={26}
            onChange={(weeks) => patch(i, { weeks }, 'change the weeks of a phase')}
          />
          <CheckBox
            isOn={p.reps === 'of the phase'}
            onChange={(on) =>
              take(
                {
                  block: {
                    phases: block.phases.map((x, n) =>
                      n === i ? { ...x, reps: on ? 'of the phase' : 'as written' } : x,
                    ),
                  },
                  sessions: [],
                },
                'reps of the phase',
              )
            }
          >
            Reps at home in it ({homesOf[p.aim].first.lo}–{homesOf[p.aim].first.hi} first)
          </CheckBox>
          {block.phases.length > 1 && (
            <Button
              kind="quiet"
              small
              onPress={() =>
                put(
                  block.phases.filter((_, n) => n !== i),
                  -1,
                  'remove a phase',
                )
              }
            >
              Remove
            </Button>
          )}
        </div>
      ))}
      <Button
        small
        isDisabled={block.phases.length >= 8}
        onPress={() =>
          put(
            [...block.phases, { aim: 'size', goal: '', weeks: 4, reps: 'as written' }],
            block.phases.length,
            'add a phase',
          )
        }
      >
        Add a phase
      </Button>
    </section>
  );
}

/** Sets and reserve of each week, and which are lighter. */
export function Weeks({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  const patch = (i: number, part: Partial<WeekRule>): void =>
    take(
      { block: { weeks: block.weeks.map((w, n) => (n === i ? { ...w, ...part } : w)) }, sessions: [] },
      `change week ${i + 1}`,
    );
  return (
    <section aria-label="Weeks">
      <h3>What each week asks, on top of its sessions</h3>
      <div className="weeks">
        <span />
        <span className="soft">sets added</span>
        <span className="soft">left in reserve more</span>
        <span />
        {block.weeks.map((w, i) => [
          <span key={`${i} name`}>Week {i + 1}</span>,
          <NumberField
            key={`${i} sets`}
            label={`Sets added in week ${i + 1}`}
            labelPlace="unseen"
            value={w.sets}
            lo={-6}
            hi={8}
            onChange={(sets) => patch(i, { sets })}
          />,
          <NumberField
            key={`${i} reserve`}
            label={`Left in reserve more in week ${i + 1}`}
            labelPlace="unseen"
            value={w.reserve}
            lo={-3}
            hi={4}
            onChange={(reserve) => patch(i, { reserve })}
          />,
          <CheckBox key={`${i} light`} isOn={w.light} onChange={(light) => patch(i, { light })}>
            lighter
          </CheckBox>,
        ])}
      </div>
    </section>
  );
}
