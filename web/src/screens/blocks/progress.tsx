import type { Rotation } from '@drimbo/core/block/document';
import { answerNames, lifeNames, unsayLife } from '@drimbo/core/block/life';
import { useState, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { Select } from '../../parts/select';
import type { BlockDesk } from '../../state/use-block';
import { dayWords } from './words';

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
        <CheckBox
          isOn={block.double}
          onChange={(double) => take({ block: { double }, sessions: [] }, 'change how loads go up')}
        >
          Loads go up by the smallest step once every set reaches the top of its range
        </CheckBox>
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
              From week {r.fromWeek + 1}: {r.says}{' '}
              <span className="soft">{desk.sessions[r.session]?.title}</span>
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
