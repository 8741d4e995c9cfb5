import { answerNames, lifeNames, type Rotation, unsayLife } from '@drimbo/core/block';
import { useState, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';

/** "Weeks 4 to 7", after which the movement comes back; "From week 4". */
const weeksOf = ({ fromWeek, backIn }: Rotation): string =>
  backIn === null ? `From week ${fromWeek + 1}` : `Weeks ${fromWeek + 1} to ${backIn}, then back`;

/** How loads go up, and which movements are changed when. */
export function Progress({ desk }: { desk: BlockDesk }): ReactNode {
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
        <Select
          label="One movement is changed"
          value={block.rotateEvery === null ? null : String(block.rotateEvery)}
          none="never"
          options={[3, 4, 5, 6].map((n) => [String(n), `every ${n} weeks`])}
          onChange={(n) =>
            take(
              { block: { rotateEvery: n === null ? null : Number(n) }, sessions: [] },
              'change how often movements change',
            )
          }
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
              {weeksOf(r)}: {r.says} <span className="soft">{desk.sessions[r.session]?.title}</span>
            </span>
            <Button small onPress={() => keep([r], r.says.toLowerCase())}>
              Take
            </Button>
          </li>
        ))}
        {block.rotations.map((r, i) => (
          <li key={`kept ${r.session} ${r.line} ${r.fromWeek}`}>
            <span>
              {weeksOf(r)}: {r.says} <span className="soft">{desk.sessions[r.session]?.title}</span>
            </span>
            <Button
              small
              kind="quiet"
              onPress={() =>
                take(
                  { block: { rotations: block.rotations.filter((_, n) => n !== i) }, sessions: [] },
                  'take a change back',
                )
              }
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {(desk.appraisal?.comeBack ?? []).map((says) => (
        <p key={says} className="soft">
          {says} A model’s estimate.
        </p>
      ))}
    </section>
  );
}

/** "3, 3, 4, 4, 5" as sets a week; null where it is none. */
function readLadder(text: string): number[] | null {
  const sets = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  return sets.length > 0 && sets.length <= 52 && sets.every((n) => Number.isInteger(n) && n >= 1 && n <= 12)
    ? sets
    : null;
}

/** Sets of one movement week by week, in place of what the weeks add. */
export function Ladders({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take, sessions, appraisal } = desk;
  const names = new Map(
    (appraisal?.weeks ?? []).flatMap((w) =>
      w.days.flatMap((d) => d.lines.map((l) => [`${d.sessionId} ${l.id}`, `${l.name}, ${d.name}`] as const)),
    ),
  );
  const open = block.days.flatMap((d) =>
    d.does.is === 'session'
      ? [...names].filter(([key]) => key.startsWith(`${d.does.is === 'session' ? d.does.session : ''} `))
      : [],
  );
  const [line, setLine] = useState<string | null>(null);
  const [text, setText] = useState('3, 3, 4, 4, 5');
  const sets = readLadder(text);
  const put = (): void => {
    const chosen = line ?? open[0]?.[0];
    if (!chosen || !sets) return;
    const [session, id] = [chosen.slice(0, chosen.indexOf(' ')), chosen.slice(chosen.indexOf(' ') + 1)];
    const others = block.ladders.filter((l) => l.session !== session || l.line !== id);
    take(
      { block: { ladders: [...others, { session, line: id, sets }] }, sessions: [] },
      'put a movement on a ladder',
    );
  };
  return (
    <section aria-label="Ladders">
      <h3>Ladders</h3>
      <div className="row">
        <Select
          label="Movement"
          value={line ?? open[0]?.[0] ?? null}
          options={open.map(([key, name]) => [key, name])}
          onChange={setLine}
        />
        <TextField label="Its sets, week by week" value={text} maxLength={160} onChange={setText} />
        <Button isDisabled={!sets || open.length === 0} onPress={put}>
          Put on a ladder
        </Button>
      </div>
      {!sets && <p role="alert">Sets from 1 to 12 a week, like 3, 3, 4, 4, 5. The last goes on.</p>}
      <ul>
        {block.ladders.map((l) => (
          <li key={`${l.session} ${l.line}`}>
            <span>
              {names.get(`${l.session} ${l.line}`) ?? sessions[l.session]?.title}: {l.sets.join(', ')} sets
            </span>
            <Button
              small
              kind="quiet"
              onPress={() =>
                take(
                  { block: { ladders: block.ladders.filter((x) => x !== l) }, sessions: [] },
                  'take a ladder away',
                )
              }
            >
              Take away
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Everything that came or comes between. */
export function Life({ desk }: { desk: BlockDesk }): ReactNode {
  const { block, take } = desk;
  return (
    <section aria-label="What came between">
      <h3>What comes between</h3>
      {block.life.length === 0 && (
        <p className="soft">Nothing yet. “Something comes between…” says it once for all days.</p>
      )}
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
              <Button
                small
                kind="quiet"
                onPress={() => take(unsayLife(block, e.id), 'take back what came between')}
              >
                Take back
              </Button>
            </li>
          ))}
      </ul>
    </section>
  );
}
