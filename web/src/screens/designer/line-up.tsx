import type { MeasuredLine } from '@drimbo/core/measure';
import type { LineSigns } from '@drimbo/core/review';
import {
  type Block,
  parseReserve,
  parseScheme,
  parseTempo,
  reserveText,
  schemeText,
  tempoText,
  tempoWords,
} from '@drimbo/core/session';
import { clockText, parseDuration } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { severityInk, voiceInk } from '../../look/theme';
import { Cell } from '../../parts/cell';
import { BlockBox, Head, Minutes, Name, Quiet, Row, Scroll, Spot } from './line-up-look';
import { Sortable } from '../../parts/sortable';
import type { Held } from '../../parts/sortable-model';
import { editLine } from './keys';
import { expected, loadCell, standingText, todayText } from './line-texts';
import { readBetween, readLoads } from './reading';
import { Sign } from './sign';

function LineRow({
  m,
  between,
  designer,
  lastOfPair,
  paired,
  handle,
  signs = {},
  onSign,
}: {
  m: MeasuredLine;
  designer: Designer;
  /** Seconds within the pair. */
  between: number;
  paired: boolean;
  lastOfPair: boolean;
  handle: ReactNode;
  signs: LineSigns | undefined;
  onSign: (finding: string) => void;
}): ReactNode {
  const sign = (at: keyof LineSigns, low = false): ReactNode => (
    <Sign of={signs[at]} designer={designer} onPress={onSign} low={low} />
  );
  const { unit } = designer.context.client;
  const change = (patch: Parameters<Designer['edit']>[0] & { do: 'line' }, what: string): void =>
    designer.edit(patch, `${what} of ${m.name.toLowerCase()}`, `${what} ${m.id}`);
  const putLoad = (loadKg: MeasuredLine['line']['loadKg']): void =>
    change({ do: 'line', line: m.id, patch: { loadKg } }, 'load');
  const chosen = designer.selected === m.id;
  return (
    <Row
      $chosen={chosen}
      data-line={m.id}
      onFocus={() => designer.select(m.id)}
      onClick={() => designer.select(m.id)}
    >
      {handle}
      <span className="bar" style={{ background: voiceInk[m.voice] }} />
      <Spot $signed={signs.movement !== undefined}>
        <Name
          aria-current={chosen}
          data-name={m.id}
          onPress={(e) => {
            designer.select(m.id);
            if (e.pointerType === 'keyboard') editLine(m.id);
          }}
        >
          <span className="name">{m.name}</span>
          <span className="detail">
            {m.missing
              ? `needs ${m.missing}`
              : m.line.note
                ? `${m.detail ? `${m.detail} · ` : ''}${m.line.note}`
                : m.detail || ' '}
          </span>
        </Name>
        {sign('movement')}
      </Spot>
      <Spot $signed={(signs.scheme ?? signs.tempo) !== undefined}>
        <Cell
          label={`Sets and reps of ${m.name}`}
          strong
          wraps
          testId="cell-scheme"
          text={schemeText(m.line.scheme)}
          read={parseScheme}
          hint="Sets × reps, like 4 x 6-8, or reps of each set: 12, 9, 6"
          take={(scheme) => change({ do: 'line', line: m.id, patch: { scheme } }, 'sets and reps')}
        />
        <Cell
          label={`Tempo of ${m.name}: ${tempoWords(m.line.tempo)}`}
          small
          testId="cell-tempo"
          text={tempoText(m.line.tempo)}
          read={parseTempo}
          hint="Four figures: lower, stretched, lift, top. Like 3-1-1-0"
          take={(tempo) => change({ do: 'line', line: m.id, patch: { tempo } }, 'tempo')}
        />
        {sign('scheme')}
        {sign('tempo', true)}
      </Spot>
      <Spot>
        <Cell
          label={`Reps left in reserve, ${m.name}`}
          testId="cell-reserve"
          text={reserveText(m.line.reserve)}
          read={parseReserve}
          hint="Reps to leave: 2, or first then last: 3-1"
          take={(reserve) => change({ do: 'line', line: m.id, patch: { reserve } }, 'reserve')}
        />
        {sign('reserve', true)}
      </Spot>
      <Spot $signed={signs.load !== undefined}>
        <Cell
          label={`Load of ${m.name} in ${unit}`}
          wraps
          testId="cell-load"
          text={loadCell(m, unit)}
          read={(t) => readLoads(t, unit)}
          hint={`A load in ${unit}, one a set with commas, or “auto”`}
          take={({ loadKg }) => putLoad(loadKg)}
          mark={() => () => putLoad(m.line.loadKg)}
        />
        <Quiet title={m.max.basis === 'calibrate' ? '' : `Max ${m.max.basis}. Reps are a model's estimate.`}>
          {expected(m)}
        </Quiet>
        {todayText(m, unit) && (
          <Quiet title="The load it was handed over with holds; the review takes the one of today.">
            {todayText(m, unit)}
          </Quiet>
        )}
        {standingText(m, designer.appraisal.school) && (
          <Quiet style={{ color: severityInk.watch, whiteSpace: 'normal' }}>
            {standingText(m, designer.appraisal.school)}
          </Quiet>
        )}
        {sign('load')}
      </Spot>
      <Spot>
        {paired && !lastOfPair ? (
          <Cell
            label={`Seconds between ${m.name} and the next of the pair`}
            testId="cell-between"
            text={between === 0 ? 'at once' : `${between} s`}
            read={readBetween}
            hint="Seconds before the next of the pair, 0 to 120"
            take={(betweenS) =>
              designer.edit(
                { do: 'block', block: m.blockId, patch: { betweenS } },
                'time within the pair',
                `between ${m.blockId}`,
              )
            }
          />
        ) : (
          <Cell
            label={`Rest of ${m.name}`}
            testId="cell-rest"
            text={clockText(m.line.restS)}
            read={(t) => {
              const s = parseDuration(t);
              return s === null || s > 900 ? null : s;
            }}
            hint="Seconds or minutes: 90, 1:30, 2 min"
            take={(restS) => change({ do: 'line', line: m.id, patch: { restS } }, 'rest')}
          />
        )}
        {sign('rest', true)}
      </Spot>
      <Minutes title="Minutes, set-up and rests included">{Math.round(m.seconds / 60)}</Minutes>
    </Row>
  );
}

function BlockRows({
  block,
  lines,
  designer,
  held,
  signs,
  onSign,
}: {
  block: Block;
  lines: MeasuredLine[];
  designer: Designer;
  held: Held;
  signs: ReadonlyMap<string, LineSigns>;
  onSign: (finding: string) => void;
}): ReactNode {
  const paired = lines.length > 1;
  const { keep, style, handle } = held;
  return (
    <BlockBox ref={keep} style={style} $paired={paired}>
      {lines.map((m, i) => (
        <LineRow
          key={m.id}
          m={m}
          designer={designer}
          between={block.betweenS}
          paired={paired}
          lastOfPair={i === lines.length - 1}
          handle={i === 0 ? handle : <span />}
          signs={signs.get(m.id)}
          onSign={onSign}
        />
      ))}
    </BlockBox>
  );
}

function LineUpPane({
  designer,
  onSign,
}: {
  designer: Designer;
  /** Opens a finding in the review. */
  onSign: (finding: string) => void;
}): ReactNode {
  const { session, appraisal, edit, signs } = designer;
  const byId = new Map(appraisal.lines.map((m) => [m.id, m]));
  const blocks = new Map(session.blocks.map((b) => [b.id, b]));
  const namesOf = (id: string): string[] => blocks.get(id)!.lines.map((l) => byId.get(l.id)!.name);
  const move = (id: string, over: string): void => {
    const to = session.blocks.findIndex((b) => b.id === over);
    const line = blocks.get(id)?.lines[0];
    if (line && to >= 0)
      edit({ do: 'move line', line: line.id, to }, `move ${namesOf(id)[0]!.toLowerCase()}`);
  };
  return (
    <>
      <Head aria-hidden>
        <span />
        <span />
        <span>Movement</span>
        <span>Sets × reps</span>
        <span>Leave</span>
        <span>Load, {designer.context.client.unit}</span>
        <span>Rest</span>
        <span className="right">Min</span>
      </Head>
      <Scroll tabIndex={-1}>
        <Sortable
          label="Line-up"
          ids={session.blocks.map((b) => b.id)}
          says={(id) => namesOf(id).join(' and ')}
          onMove={move}
        >
          {(id, held) => {
            const block = blocks.get(id)!;
            return (
              <BlockRows
                key={id}
                block={block}
                lines={block.lines.map((l) => byId.get(l.id)!)}
                designer={designer}
                held={held}
                signs={signs}
                onSign={onSign}
              />
            );
          }}
        </Sortable>
      </Scroll>
    </>
  );
}

/** The session's movements in order, every figure editable where it stands. */
export const LineUp = drawsAgain(LineUpPane, ...work, 'asked');
