import { readShortDay, splitFrom, splits, type TrainingBlock } from '@drimbo/core/block';
import { schools } from '@drimbo/core/schools';
import type { ReactNode } from 'react';
import { useSchools } from '../../data/queries';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { Select } from '../../parts/select';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';
import { TrainingDays } from './training-days';

/** The pattern of training days, when it begins, and the school its weeks are judged by. */
export function Split({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take, context } = desk;
  const own = useSchools().data ?? [];
  const places = block.pattern.map((entry) => entry.join('+') || 'off');
  const sessions = block.days.filter((d) => d.does.is === 'session').map((d) => d.id);
  // Two sessions can take turns on a day of the pattern.
  const turns = sessions.flatMap((a, i) => sessions.slice(i + 1).map((b) => `${a}+${b}`));
  const options = [
    ['off', 'off'] as const,
    ...[...new Set([...block.days.map((d) => d.id), ...places.filter((p) => p.includes('+')), ...turns])].map(
      (id) =>
        [
          id,
          id
            .split('+')
            .map((one) => block.days.find((d) => d.id === one)?.name ?? one)
            .join(' / '),
        ] as const,
    ),
  ];
  const pattern = (next: string[][], says: string): void =>
    take({ block: { pattern: next }, sessions: [] }, says);
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
            take(
              splitFrom(block, context.todayIso, { days, pattern: split.pattern }),
              `change to ${split.name.toLowerCase()}`,
            );
          }}
        />
        <DateField
          label="Begins on"
          value={block.startsOn}
          onChange={(startsOn) =>
            startsOn && take({ block: { startsOn }, sessions: [] }, `begin on ${dayWords(startsOn)}`)
          }
        />
        <Select
          label="Weeks are judged by"
          value={block.school}
          options={[
            ...Object.values(schools).map((s) => [s.id, s.name] as const),
            ...own.map((o) => [o.id, o.document.name] as const),
          ]}
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
              to &&
              pattern(
                block.pattern.map((e, n) => (n === i ? (to === 'off' ? [] : to.split('+')) : e)),
                'change the pattern',
              )
            }
          />
        ))}
      </div>
      <div className="row">
        <Button
          small
          isDisabled={block.pattern.length >= 28}
          onPress={() => pattern([...block.pattern, []], 'lengthen the pattern')}
        >
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
      <TrainingDays desk={desk} />
    </section>
  );
}
