import { answerNames, lifeNames, unsayLife } from '@drimbo/core/block/life';
import type { Phase, Rotation, TrainingBlock, WeekRule } from '@drimbo/core/block/document';
import { splitFrom } from '@drimbo/core/block/moving';
import { readShortDay } from '@drimbo/core/block/short-day';
import { splits } from '@drimbo/core/block/splits';
import { weeksFor } from '@drimbo/core/block/starting';
import { aims } from '@drimbo/core/session/client';
import { homesOf } from '@drimbo/core/session/homes';
import { schools } from '@drimbo/core/schools/schools';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { useSchools } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { DateField } from '../../parts/date-field';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';

const Body = styled.div`
  padding: 4px 12px 14px;
  font-size: ${size.small};
  display: grid;
  gap: 14px;
  grid-template-columns: repeat(auto-fit, minmax(320px, 1fr));
  h3 {
    font-size: ${size.small};
    font-weight: 680;
    margin-bottom: 4px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    align-items: end;
    margin-bottom: 6px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 0;
  }
  li {
    display: flex;
    gap: 8px;
    align-items: baseline;
    padding: 4px 0;
    border-top: 1px solid ${ink.hush};
  }
  li > :first-child {
    flex: 1;
  }
  .soft {
    color: ${ink.soft};
  }
  .weeks input {
    width: 58px;
  }
  .few input {
    width: 58px;
  }
  .weeks {
    display: grid;
    grid-template-columns: auto repeat(3, auto);
    gap: 4px 12px;
    align-items: center;
    justify-content: start;
  }
`;

/** The weeks of phases, as long as before where nothing else is known of them. */
const weeksOfPhases = (phases: readonly Phase[], before: readonly WeekRule[], changed: number): WeekRule[] => {
  let at = 0;
  return phases.flatMap(({ aim, weeks }, i) => {
    const from = at;
    at += weeks;
    const old = before.slice(from, from + weeks);
    return i === changed || old.length < weeks ? weeksFor(aim, weeks) : old;
  });
};

function Phases({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  const put = (phases: Phase[], changed: number, says: string): void =>
    take({ block: { phases, weeks: weeksOfPhases(phases, block.weeks, changed) }, sessions: [] }, says);
  const patch = (i: number, part: Partial<Phase>, says: string): void =>
    put(block.phases.map((p, n) => (n === i ? { ...p, ...part } : p)), i, says);
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
              take({ block: { phases: block.phases.map((x, n) => (n === i ? { ...x, goal } : x)) }, sessions: [] }, 'name a phase')
            }
          />
          <Select
            label="Trains for"
            value={p.aim}
            options={aims.map((a) => [a, a])}
            onChange={(aim) => aim && patch(i, { aim }, 'change what a phase is for')}
          />
          <NumberField className="few" label="Weeks" value={p.weeks} lo={1} hi={26} onChange={(weeks) => patch(i, { weeks }, 'change the weeks of a phase')} />
          <CheckBox
            isOn={p.reps === 'of the phase'}
            onChange={(on) =>
              take(
                {
                  block: { phases: block.phases.map((x, n) => (n === i ? { ...x, reps: on ? 'of the phase' : 'as written' } : x)) },
                  sessions: [],
                },
                'reps of the phase',
              )
            }
          >
            Reps at home in it ({homesOf[p.aim].first.lo}–{homesOf[p.aim].first.hi} first)
          </CheckBox>
          {block.phases.length > 1 && (
            <Button kind="quiet" small onPress={() => put(block.phases.filter((_, n) => n !== i), -1, 'remove a phase')}>
              Remove
            </Button>
          )}
        </div>
      ))}
      <Button
        small
        isDisabled={block.phases.length >= 8}
        onPress={() =>
          put([...block.phases, { aim: 'size', goal: '', weeks: 4, reps: 'as written' }], block.phases.length, 'add a phase')
        }
      >
        Add a phase
      </Button>
    </section>
  );
}

function Weeks({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  const patch = (i: number, part: Partial<WeekRule>): void =>
    take({ block: { weeks: block.weeks.map((w, n) => (n === i ? { ...w, ...part } : w)) }, sessions: [] }, `change week ${i + 1}`);
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
          <NumberField key={`${i} sets`} label={`Sets added in week ${i + 1}`} labelPlace="unseen" value={w.sets} lo={-6} hi={8} onChange={(sets) => patch(i, { sets })} />,
          <NumberField key={`${i} reserve`} label={`Left in reserve more in week ${i + 1}`} labelPlace="unseen" value={w.reserve} lo={-3} hi={4} onChange={(reserve) => patch(i, { reserve })} />,
          <CheckBox key={`${i} light`} isOn={w.light} onChange={(light) => patch(i, { light })}>
            lighter
          </CheckBox>,
        ])}
      </div>
    </section>
  );
}

function Progress({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  const [found, setFound] = useState<Rotation[] | null>(null);
  const keep = (rotations: Rotation[], says: string): void => {
    take({ block: { rotations: [...block.rotations, ...rotations] }, sessions: [] }, says);
    setFound((f) => f && f.filter((r) => !rotations.includes(r)));
  };
  return (
    <section aria-label="Progression">
      <h3>Progression</h3>
      <div className="row">
        <CheckBox isOn={block.double} onChange={(double) => take({ block: { double }, sessions: [] }, 'change how loads go up')}>
          Loads go up by the smallest step once every set reaches the top of its range
        </CheckBox>
        <Select
          label="One movement is changed"
          value={block.rotateEvery === null ? null : String(block.rotateEvery)}
          none="never"
          options={[3, 4, 5, 6].map((n) => [String(n), `every ${n} weeks`])}
          onChange={(n) => take({ block: { rotateEvery: n === null ? null : Number(n) }, sessions: [] }, 'change how often movements change')}
        />
        <Button isDisabled={block.rotateEvery === null} onPress={() => void desk.rotations().then(setFound)}>
          Propose changes
        </Button>
      </div>
      {found && found.length === 0 && <p className="soft">Nothing more to propose.</p>}
      <ul>
        {(found ?? []).map((r) => (
          <li key={`${r.session} ${r.line} ${r.fromWeek}`}>
            <span>
              Week {r.fromWeek + 1}: {r.says} <span className="soft">{desk.sessions[r.session]?.title}</span>
            </span>
            <Button small onPress={() => keep([r], r.says.toLowerCase())}>
              Take
            </Button>
          </li>
        ))}
        {block.rotations.map((r, i) => (
          <li key={`kept ${r.session} ${r.line} ${r.fromWeek}`}>
            <span>
              From week {r.fromWeek + 1}: {r.says} <span className="soft">{desk.sessions[r.session]?.title}</span>
            </span>
            <Button
              small
              kind="quiet"
              onPress={() =>
                take({ block: { rotations: block.rotations.filter((_, n) => n !== i) }, sessions: [] }, 'take a change back')
              }
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Split({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take, context } = desk;
  const own = useSchools().data ?? [];
  const places = block.pattern.map((entry) => entry.join('+') || 'off');
  const options = [
    ['off', 'off'] as const,
    ...[...new Set([...block.days.map((d) => d.id), ...places.filter((p) => p.includes('+'))])].map(
      (id) =>
        [id, id.split('+').map((one) => block.days.find((d) => d.id === one)?.name ?? one).join(' / ')] as const,
    ),
  ];
  const pattern = (next: string[][], says: string): void => take({ block: { pattern: next }, sessions: [] }, says);
  return (
    <section aria-label="Split">
      <h3>Split</h3>
      <div className="row">
        <Select
          label="From next week on"
          value={null}
          none="keep this pattern"
          options={splits.map((s) => [s.id, s.name])}
          onChange={(id) => {
            const split = splits.find((s) => s.id === id);
            if (!split) return;
            const used = block.days.filter((d) => d.does.is === 'session');
            let next = 0;
            const days: TrainingBlock['days'] = split.days.map(({ id: day, name, short }) => ({
              id: day,
              name,
              does:
                block.days.find((d) => d.id === day)?.does ??
                (short === undefined && used.length > 0
                  ? used[next++ % used.length]!.does
                  : { is: 'short', work: readShortDay(short ?? '').work }),
            }));
            take(splitFrom(block, context.todayIso, { days, pattern: split.pattern }), `change to ${split.name.toLowerCase()}`);
          }}
        />
        <DateField
          label="Begins on"
          value={block.startsOn}
          onChange={(startsOn) => startsOn && take({ block: { startsOn }, sessions: [] }, `begin on ${dayWords(startsOn)}`)}
        />
        <Select
          label="Weeks are judged by"
          value={block.school}
          options={[...Object.values(schools).map((s) => [s.id, s.name] as const), ...own.map((o) => [o.id, o.document.name] as const)]}
          onChange={(school) => school && take({ block: { school }, sessions: [] }, 'change the school')}
        />
      </div>
      <div className="row">
        {block.pattern.map((_, i) => (
          <Select
            key={i}
            small
            label={`Day ${i + 1}`}
            value={places[i]!}
            options={options}
            onChange={(to) =>
              to && pattern(block.pattern.map((e, n) => (n === i ? (to === 'off' ? [] : to.split('+')) : e)), 'change the pattern')
            }
          />
        ))}
      </div>
      <div className="row">
        <Button small isDisabled={block.pattern.length >= 28} onPress={() => pattern([...block.pattern, []], 'lengthen the pattern')}>
          One day longer
        </Button>
        <Button
          small
          isDisabled={block.pattern.length < 2 || block.pattern.slice(0, -1).every((e) => e.length === 0)}
          onPress={() => pattern(block.pattern.slice(0, -1), 'shorten the pattern')}
        >
          One day shorter
        </Button>
        <span className="soft">
          {block.pattern.length % 7 === 0
            ? 'Whole weeks: days keep to their weekdays.'
            : `${block.pattern.length} days: it drifts through the week.`}
        </span>
      </div>
    </section>
  );
}

function Life({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  return (
    <section aria-label="What came between">
      <h3>What comes between</h3>
      {block.life.length === 0 && <p className="soft">Nothing yet. “Something comes between…” says it once for all days.</p>}
      <ul>
        {[...block.life]
          .sort((a, b) => b.from.localeCompare(a.from))
          .map((e) => (
            <li key={e.id}>
              <span>
                {lifeNames[e.what]}, {dayWords(e.from)}
                {e.to === e.from ? '' : ` to ${dayWords(e.to)}`}
                {e.note && `, ${e.note}`} <span className="soft">{answerNames[e.then].toLowerCase()}</span>
              </span>
              <Button small kind="quiet" onPress={() => take(unsayLife(block, e.id), 'take back what came between')}>
                Take back
              </Button>
            </li>
          ))}
      </ul>
    </section>
  );
}

/** Everything a block is made of beside its days: phases, weeks, progression, the split, what comes between. */
export const Settings = ({ desk }: { desk: BlockDesk }): ReactNode => (
  <Body>
    <Split desk={desk} />
    <Phases desk={desk} />
    <Progress desk={desk} />
    <Weeks desk={desk} />
    <Life desk={desk} />
  </Body>
);
