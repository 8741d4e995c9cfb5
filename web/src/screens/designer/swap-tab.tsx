import { regions } from '@drimbo/core/anatomy';
import {
  type Change,
  changeBy,
  type Complement,
  differentJob,
  overlap,
  sameJob,
  type Swap,
  type SwapWish,
} from '@drimbo/core/choosing';
import { loadText } from '@drimbo/core/formats';
import type { MeasuredLine } from '@drimbo/core/measure';
import { limitIds, singleBlock } from '@drimbo/core/session';
import { startingLine } from '@drimbo/core/schools';
import { rigWords } from '@drimbo/core/movements';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Disclosure } from '../../parts/disclosure';
import { Select } from '../../parts/select';
import { ink, size, voiceText } from '../../look/theme';

const Body = styled.div`
  padding: 8px 12px 12px;
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
    margin-bottom: 4px;
  }
  .ask {
    display: flex;
    gap: 8px;
    margin-bottom: 6px;
    color: ${ink.soft};
    font-size: ${size.fine};
  }
  select {
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    font-size: ${size.fine};
    max-width: 128px;
  }
  .none {
    color: ${ink.soft};
    padding: 6px 0;
  }
`;
const Row = styled.li`
  border-top: 1px solid ${ink.hush};
  padding: 6px 0;
  .head {
    display: flex;
    gap: 8px;
    align-items: flex-start;
  }
  .head > div {
    flex: 1;
    min-width: 0;
  }
  b {
    font-weight: 650;
  }
  p {
    color: ${ink.soft};
    font-size: 12.5px;
  }
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 1px 8px;
    font-size: ${size.fine};
    margin: 3px 0;
  }
  dd {
    color: ${ink.soft};
    text-align: right;
  }
`;

const signed = (n: number, unit: string): string => `${n > 0 ? '+' : '−'}${Math.abs(n)} ${unit}`;

function changeWords(change: Change, designer: Designer): string[] {
  const { client } = designer.context;
  const words = [loadText(change.after, client.unit) || 'no load'];
  const minutes = Math.round(change.minutes * 2) / 2;
  if (minutes !== 0) words.push(signed(minutes, 'min'));
  words.push(
    change.hard.from === change.hard.to
      ? `hard in the same place (${change.hard.to})`
      : `hard: ${change.hard.from} → ${change.hard.to}`,
  );
  return words;
}

function SwapRow({
  swap,
  line: m,
  designer,
}: {
  swap: Swap;
  line: MeasuredLine;
  designer: Designer;
}): ReactNode {
  const { session, context, appraisal } = designer;
  const change = useMemo(
    () => changeBy(swap, m, session, context, appraisal),
    [swap, m, session, context, appraisal],
  );
  return (
    <Row data-swap={swap.entry.id}>
      <div className="head">
        <div>
          <b>{swap.entry.name}</b>{' '}
          {change.settings && <span style={{ color: ink.soft }}>{change.settings}</span>}
          <p>{changeWords(change, designer).join(' · ')}</p>
          {change.efforts.length > 0 && (
            <p>
              {change.efforts.slice(0, 3).map((s, i) => (
                <span key={s.region}>
                  {i > 0 && ', '}
                  <span style={{ color: voiceText[regions[s.region].voice] }}>
                    {regions[s.region].name.toLowerCase()}
                  </span>{' '}
                  {s.from} → {s.to}
                </span>
              ))}
            </p>
          )}
        </div>
        <Button
          small
          onPress={() =>
            designer.edit(change.edit, `swap ${m.name.toLowerCase()} for ${swap.entry.name.toLowerCase()}`)
          }
          aria-label={`Swap in ${swap.entry.name.toLowerCase()}`}
        >
          Swap in
        </Button>
      </div>
      <Disclosure says={`fits ${Math.round(swap.score * 100)} of 100: why`}>
        <dl>
          {swap.parts.map((p) => (
            <div key={p.name} style={{ display: 'contents' }}>
              <dt>
                {p.name}{' '}
                <span style={{ color: ink.soft }}>
                  {Math.round(p.value * p.weight * 100)} of {Math.round(p.weight * 100)}
                </span>
              </dt>
              <dd>{p.says}</dd>
            </div>
          ))}
        </dl>
      </Disclosure>
    </Row>
  );
}

function ComplementRow({ found, designer }: { found: Complement; designer: Designer }): ReactNode {
  const { entry } = found;
  const add = (): void => {
    const line = startingLine(entry, designer.appraisal.school, newId('line'));
    designer.edit(
      { do: 'add block', at: designer.session.blocks.length, block: singleBlock(newId('block'), line) },
      `add ${entry.name.toLowerCase()}`,
    );
    designer.select(line.id);
  };
  return (
    <Row data-complement={entry.id}>
      <div className="head">
        <div>
          <b>{entry.name}</b>{' '}
          <span style={{ color: ink.soft }}>{rigWords(entry.rig, entry.movement.knobs)}</span>
          <p>
            its next set:{' '}
            {found.brings.map((b, i) => (
              <span key={b.region}>
                {i > 0 && ', '}
                <span style={{ color: voiceText[regions[b.region].voice] }}>
                  {regions[b.region].name.toLowerCase()}
                </span>{' '}
                +{Math.round(b.adds * 100)} %
              </span>
            ))}
          </p>
        </div>
        <Button small onPress={add} aria-label={`Add ${entry.name.toLowerCase()}`}>
          Add
        </Button>
      </div>
    </Row>
  );
}

/** What could stand in for a line, and what would add something else; each with what it changes. */
export function SwapTab({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const { context, appraisal } = designer;
  const first = context.client.limits[0]?.limit ?? null;
  const [wish, setWish] = useState<SwapWish>({ other: null, kindTo: first });
  const swaps = useMemo(() => sameJob(m, context, wish, 6), [m, context, wish]);
  const others = useMemo(
    () => differentJob({ lines: appraisal.lines, dose: appraisal.dose, context }, overlap, 4),
    [appraisal, context],
  );
  return (
    <Body>
      <h3>Same job</h3>
      <div className="ask">
        <Select
          small
          label="with"
          labelPlace="before"
          value={wish.other}
          none="anything here"
          options={[
            ['kit', 'other kit'],
            ['angle', 'another angle'],
          ]}
          onChange={(other) => setWish({ ...wish, other })}
        />
        <Select
          small
          label="easy on"
          labelPlace="before"
          value={wish.kindTo}
          none="no limit"
          options={limitIds.map((l) => [l, l])}
          onChange={(kindTo) => setWish({ ...wish, kindTo })}
        />
      </div>
      {swaps.length === 0 && (
        <p className="none">Nothing in this gym does the same job that way. Widen the wish.</p>
      )}
      <ul>
        {swaps.map((swap) => (
          <SwapRow
            key={`${swap.entry.id} ${swap.entry.rig.benchDeg ?? ''} ${swap.entry.rig.pulleyStature ?? ''}`}
            swap={swap}
            line={m}
            designer={designer}
          />
        ))}
      </ul>
      <h3 style={{ marginTop: 12 }}>A different job</h3>
      <ul>
        {others.map((found) => (
          <ComplementRow key={found.entry.id} found={found} designer={designer} />
        ))}
      </ul>
      <p className="none">
        Shares and worth are a model&apos;s estimates; the weights are common practice. Comfort and feel count
        once they are logged.
      </p>
    </Body>
  );
}
