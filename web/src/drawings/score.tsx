import type { Appraisal } from '@drimbo/core';
import { voiceCredit, voiceIds, voiceNames } from '@drimbo/core/anatomy';
import { curveLinear, line as lineOf } from 'd3-shape';
import { useMemo, useRef, useState, type PointerEvent, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { LineSigns } from '@drimbo/core/review';
import { ink, voiceInk, voiceText } from '../look/theme';
import { type BlockSpan, spansOf } from './score-spans';
import { aboutSet, loudestOf, ScoreSign } from './score-sign';
import { useWidth } from './use-width';

const LEFT = 92;
const RIGHT = 18;
const NAMES = 20;
const LANE = 27;
const FRESH = 28;
const AXIS = 15;

interface ScoreProps {
  appraisal: Appraisal;
  /** Where the findings of the review stand. */
  signs?: ReadonlyMap<string, LineSigns>;
  selected: string | null;
  onPick: (lineId: string, setIndex: number | null) => void;
  /** The block of this line goes to another place among the blocks. */
  onMove: (lineId: string, to: number) => void;
  /** Opens a finding in the review. */
  onSign?: ((finding: string) => void) | undefined;
}

const Frame = styled.div`
  position: relative;
  width: 100%;
  svg {
    display: block;
    width: 100%;
    overflow: hidden;
  }
  text {
    font-size: 11.5px;
    fill: ${ink.soft};
  }
  .strip {
    cursor: grab;
  }
  .strip rect {
    transition: x 160ms;
  }
  .bar {
    cursor: pointer;
    transition: x 160ms;
  }
`;

const effortHeight = (reserve: number): number => Math.max(0.25, 1 - reserve * 0.15);

/** From one stretch of numbers to another. */
const between =
  ([a, b]: [number, number], [c, d]: [number, number]) =>
  (n: number): number =>
    c + ((d - c) * (n - a)) / (b - a || 1);

const none: ReadonlyMap<string, LineSigns> = new Map();

/** The whole session on a time axis: a lane a muscle group, a bar a set, freshness below. */
export function Score({ appraisal, signs = none, selected, onPick, onMove, onSign }: ScoreProps): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(1200);
  const { timeline, lines, freshness, totals } = appraisal;
  const byId = useMemo(() => new Map(lines.map((m) => [m.id, m])), [lines]);
  const spans = useMemo(() => spansOf(appraisal), [appraisal]);
  const voices = voiceIds.filter((v) => v !== 'helpers' || lines.some((m) => m.voice === 'helpers'));
  const lastMinute = Math.max(totals.minutes, totals.availableMinutes) * 1.04 + 1;
  const x = between([0, lastMinute * 60], [LEFT, width - RIGHT]);
  const laneTop = (i: number): number => NAMES + i * LANE;
  const freshTop = laneTop(voices.length) + 4;
  const height = freshTop + FRESH + AXIS;
  const every = lastMinute > 100 ? 20 : 10;
  const ticks = Array.from({ length: Math.floor(lastMinute / every) + 1 }, (_, i) => i * every);

  const lowest = Math.min(0.7, ...freshness.flatMap((p) => voices.map((v) => p.fresh[v])));
  const freshY = between([1, lowest], [freshTop + 3, freshTop + FRESH - 2]);

  const drag = useRef<{ span: BlockSpan; fromX: number } | null>(null);
  const [dropAt, setDropAt] = useState<{ line: string; to: number; x: number } | null>(null);
  const placeFor = (span: BlockSpan, clientX: number): { to: number; x: number } => {
    const box = ref.current!.getBoundingClientRect();
    const at = between([LEFT, width - RIGHT], [0, lastMinute * 60])(clientX - box.left);
    const others = spans.filter((s) => s.id !== span.id);
    const to = others.filter((s) => (s.startS + s.endS) / 2 < at).length;
    const mark = to === 0 ? (others[0]?.startS ?? 0) : others[to - 1]!.endS;
    return { to, x: x(mark) };
  };
  const dragging = (span: BlockSpan) => ({
    onPointerDown: (e: PointerEvent<SVGGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      drag.current = { span, fromX: e.clientX };
    },
    onPointerMove: (e: PointerEvent<SVGGElement>) => {
      if (!drag.current || Math.abs(e.clientX - drag.current.fromX) < 6) return;
      setDropAt({ line: span.firstLine, ...placeFor(span, e.clientX) });
    },
    onPointerUp: (e: PointerEvent<SVGGElement>) => {
      const moved = drag.current && Math.abs(e.clientX - drag.current.fromX) >= 6;
      drag.current = null;
      setDropAt(null);
      if (moved) onMove(span.firstLine, placeFor(span, e.clientX).to);
      else onPick(span.firstLine, null);
    },
    onPointerCancel: () => {
      drag.current = null;
      setDropAt(null);
    },
  });

  const over = totals.minutes - totals.availableMinutes;
  const says = `${Math.round(totals.minutes)} minutes of ${totals.availableMinutes}. ${spans
    .map((s) => `${s.name} from minute ${Math.round(s.startS / 60)} to ${Math.round(s.endS / 60)}`)
    .join('; ')}.`;
  const endX = x(totals.availableMinutes * 60);
  const beside = over >= 1 ? `${Math.round(over)} over` : over > -1 ? 'full' : `${Math.floor(-over)} free`;
  const endText = `${totals.availableMinutes} min, ${beside}`;
  const endLeft = endX > width - 110;

  return (
    <Frame ref={ref}>
      <svg height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={`Score. ${says}`}>
        {ticks.map((m) => (
          <g key={m}>
            <line x1={x(m * 60)} x2={x(m * 60)} y1={NAMES - 2} y2={freshTop + FRESH} stroke={ink.hush} />
            <text x={x(m * 60)} y={height - 3} textAnchor="middle">
              {m}
            </text>
          </g>
        ))}
        {voices.map((v, i) => (
          <g key={v}>
            <line
              x1={LEFT}
              x2={width - RIGHT}
              y1={laneTop(i) + LANE}
              y2={laneTop(i) + LANE}
              stroke={ink.rule}
            />
            <text x={12} y={laneTop(i) + LANE - 6} style={{ fill: voiceText[v], fontWeight: 650 }}>
              {voiceNames[v]}
            </text>
          </g>
        ))}
        <text x={12} y={freshTop + FRESH / 2 + 6}>
          Freshness
        </text>

        {timeline.events.map((e, n) => {
          if (e.kind === 'warm-up')
            return (
              <rect
                key={n}
                x={x(e.startS)}
                y={laneTop(voices.length - 1) + LANE - 6}
                width={Math.max(1, x(e.endS) - x(e.startS) - 1)}
                height={6}
                fill={ink.rule}
              >
                <title>Warm-up</title>
              </rect>
            );
          if (e.kind !== 'set' && e.kind !== 'ramp') return null;
          const m = byId.get(e.of!)!;
          const reserve = m.sets[e.index]?.target.reserve ?? 2;
          return voices.map((v, i) => {
            const credit = voiceCredit(m.credits, v);
            if (credit < 0.1) return null;
            const ramp = e.kind === 'ramp';
            const tall = ramp ? 0.34 * credit : credit * effortHeight(reserve);
            const h = Math.max(2, tall * (LANE - 3));
            const wide = Math.max(2.5, x(e.endS) - x(e.startS));
            const chosen = m.id === selected;
            return (
              <rect
                key={`${n}${v}`}
                className="bar"
                x={x(e.startS)}
                y={laneTop(i) + LANE - h}
                width={wide}
                height={h}
                fill={ramp ? ink.sheet : voiceInk[v]}
                stroke={voiceInk[v]}
                strokeWidth={ramp ? 1 : 0}
                opacity={selected === null || chosen ? 1 : 0.55}
                onClick={() => onPick(m.id, ramp ? null : e.index)}
              >
                <title>
                  {ramp
                    ? `Ramp ${e.index + 1}, ${m.name}`
                    : `Set ${e.index + 1}, ${m.name}, leave ${Math.round(reserve)}`}
                </title>
              </rect>
            );
          });
        })}

        {timeline.events.map((e, n) => {
          const m = e.kind === 'set' ? byId.get(e.of!)! : undefined;
          const about = m && aboutSet(m, e.index, signs);
          if (!about) return null;
          return (
            <ScoreSign
              key={`sign ${n}`}
              of={about}
              x={(x(e.startS) + x(e.endS)) / 2}
              y={laneTop(voices.indexOf(m.voice)) + 8}
              onPress={onSign}
            />
          );
        })}

        {voices.map((v) => (
          <path
            key={v}
            d={
              lineOf<(typeof freshness)[number]>(
                (p) => x(p.atS),
                (p) => freshY(p.fresh[v]),
              ).curve(curveLinear)(freshness) ?? ''
            }
            fill="none"
            stroke={voiceInk[v]}
            strokeWidth={1.4}
          />
        ))}

        {spans.map((s) => {
          const chosen = selected !== null && s.lines.includes(selected);
          const w = Math.max(8, x(s.endS) - x(s.startS));
          const sign = loudestOf(s.lines, signs);
          return (
            <g key={s.id} className="strip" data-testid="score-strip" {...dragging(s)}>
              <rect
                x={x(s.startS)}
                y={1}
                width={w}
                height={NAMES - 5}
                fill={chosen ? ink.ink : ink.hush}
                rx={2}
              />
              <svg x={x(s.startS)} y={1} width={w} height={NAMES - 5}>
                <text x={sign ? 16 : 5} y={11} style={{ fill: chosen ? ink.sheet : ink.ink, fontSize: 10.5 }}>
                  {s.name}
                </text>
              </svg>
              <title>{`${s.name}: drag to another place`}</title>
              {sign && <ScoreSign of={sign} x={x(s.startS) + 9} y={12} isInverse={chosen} onPress={onSign} />}
            </g>
          );
        })}

        <line
          x1={endX}
          x2={endX}
          y1={0}
          y2={freshTop + FRESH}
          stroke={ink.ink}
          strokeWidth={1.5}
          strokeDasharray="4 3"
        />
        <text
          x={endX + (endLeft ? -6 : 6)}
          y={NAMES + 12}
          textAnchor={endLeft ? 'end' : 'start'}
          style={{ fill: ink.ink, fontWeight: 650, paintOrder: 'stroke', stroke: ink.sheet, strokeWidth: 4 }}
        >
          {endText}
        </text>
        {dropAt && <line x1={dropAt.x} x2={dropAt.x} y1={0} y2={freshTop} stroke={ink.ink} strokeWidth={3} />}
      </svg>
    </Frame>
  );
}
