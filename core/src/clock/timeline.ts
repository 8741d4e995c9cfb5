import type { Session } from '../session';

export type EventKind = 'warm-up' | 'walk' | 'set up' | 'ramp' | 'set' | 'rest' | 'swap';

/** Something that takes time. Seconds from the start of the session. */
export interface TimelineEvent {
  kind: EventKind;
  startS: number;
  endS: number;
  /** The line, or the warm-up item, it belongs to. */
  of: string | null;
  /** Which set or ramp set, from 0. */
  index: number;
}

/** What the clock needs to know of a line. All times in seconds. */
export interface LineClock {
  station: string;
  /** Bench angle in use, degrees; null without a bench. */
  benchDeg: number | null;
  /** Bringing the first load of the line into place. */
  loadingS: number;
  /** Time under load of every bout, both sides together. */
  setS: number[];
  /** Which working set each bout belongs to; the stages of a drop share one. */
  setOf: number[];
  /** Seconds to the next bout of the same set; null where it is the last of its set. */
  pauseS: (number | null)[];
  /** Changing the load before bout `i`; it happens during the rest and counts only where it is longer. */
  changeS: number[];
  ramps: { workS: number; restS: number }[];
  restS: number;
}

/** Common practice, in seconds. */
export const clockTable = {
  /** Leaving one station and settling at the next, beside the way itself. */
  moveOn: 30,
  /** The same between movements done in turn, where everything lies ready. */
  moveOnInTurn: 5,
  /** The way between two stations that nobody has measured, metres. */
  usualWayM: 15,
  metresPerS: 1,
  /** A pin moved in a stack for the next stage of a drop; bells put down and others taken up. */
  nextStage: 4,
  nextBells: 11,
  /** Getting under a bar, taking it out and putting it back; the other hand taking over. */
  underBar: 10,
  otherSide: 5,
  benchAngle: 15,
  plateMoved: 8,
  dumbbells: 15,
  stack: 5,
  rampRest: 45,
  warmupBetween: 15,
  warmupRepSeconds: 2.5,
} as const;

/** Metres between two stations; null where nobody has measured them. */
export type Distances = (a: string, b: string) => number | null;

/** From one station to another, seconds; in turn for movements of one round. */
export function walkSeconds(distances: Distances, from: string | null, to: string, inTurn = false): number {
  if (from === to) return 0;
  const metres = (from === null ? null : distances(from, to)) ?? clockTable.usualWayM;
  return (inTurn ? clockTable.moveOnInTurn : clockTable.moveOn) + metres / clockTable.metresPerS;
}

export interface Timeline {
  events: TimelineEvent[];
  totalS: number;
}

export function warmupSeconds(item: Session['warmup'][number]): number {
  const each = item.seconds ?? (item.reps ?? 10) * clockTable.warmupRepSeconds;
  return item.sets * each + (item.sets - 1) * clockTable.warmupBetween;
}

/** Where the clock stands between two blocks. */
export interface ClockState {
  nowS: number;
  station: string | null;
  bench: number | null;
  /** Rest that the last set still asks for; walking and setting up count toward it. */
  owedRestS: number;
}

type Tell = (event: TimelineEvent) => void;

/** Lays one block on the clock from where it stands, and moves it on; `tell` hears of every event. */
export function layBlock(
  block: Session['blocks'][number],
  clocks: ReadonlyMap<string, LineClock>,
  distances: Distances,
  state: ClockState,
  tell: Tell,
): void {
  const spend = (kind: EventKind, seconds: number, of: string | null, index = 0): void => {
    if (seconds <= 0) return;
    tell({ kind, startS: state.nowS, endS: state.nowS + seconds, of, index });
    state.nowS += seconds;
  };
  const prepare = (lineId: string, clock: LineClock): void => {
    const walk = walkSeconds(distances, state.station, clock.station);
    const turn = clock.benchDeg !== null && clock.benchDeg !== state.bench ? clockTable.benchAngle : 0;
    const setUp = turn + clock.loadingS;
    spend('rest', state.owedRestS - walk - setUp, lineId);
    state.owedRestS = 0;
    spend('walk', walk, lineId);
    spend('set up', setUp, lineId);
    state.station = clock.station;
    if (clock.benchDeg !== null) state.bench = clock.benchDeg;
    clock.ramps.forEach((ramp, i) => {
      spend('ramp', ramp.workS, lineId, i);
      spend('rest', ramp.restS, lineId, i);
    });
  };
  // Bouts stand in order of their sets, so that the last one knows how many there are.
  const turns = block.lines.map((l) => {
    const clock = clocks.get(l.id)!;
    return { id: l.id, clock, sets: (clock.setOf[clock.setOf.length - 1] ?? -1) + 1 };
  });
  const rounds = Math.max(...turns.map((t) => t.sets));
  // What is done in turn is laid ready before the first round, the first movement last.
  for (const { id, clock } of [...turns].reverse()) prepare(id, clock);
  for (let round = 0; round < rounds; round++) {
    const inRound = turns.filter((t) => t.sets > round);
    inRound.forEach(({ id, clock }, position) => {
      const first = clock.setOf.indexOf(round);
      const last = clock.setOf.lastIndexOf(round);
      if (round > 0 || position > 0) {
        const change = round === 0 ? 0 : (clock.changeS[first] ?? 0);
        if (position > 0) {
          const swap = walkSeconds(distances, state.station, clock.station, true);
          spend('swap', swap, id, first);
          spend('rest', Math.max(block.betweenS - swap, change - swap, 0), id, first);
        } else spend('rest', Math.max(state.owedRestS, change), id, first);
        state.owedRestS = 0;
        state.station = clock.station;
      }
      for (let bout = first; bout <= last; bout++) {
        if (bout > first)
          spend('rest', Math.max(clock.pauseS[bout - 1] ?? 0, clock.changeS[bout] ?? 0), id, bout);
        spend('set', clock.setS[bout]!, id, bout);
      }
      state.owedRestS = position < inRound.length - 1 ? block.betweenS : clock.restS;
    });
  }
}

/**
 * Lays a session on the clock: warm-up, walks, set-up, ramp sets, working sets and rests.
 * Sets of a superset or giant set go round in turn; the round's rest is that of its last line.
 * `distances`: how far apart stations stand. A rest before a new block and the way to it overlap: the longer of the two counts.
 */
export function layTimeline(
  session: Pick<Session, 'warmup' | 'blocks'>,
  clocks: ReadonlyMap<string, LineClock>,
  distances: Distances = () => null,
): Timeline {
  const events: TimelineEvent[] = [];
  const tell: Tell = (event) => events.push(event);
  let nowS = 0;
  const spend = (kind: EventKind, seconds: number, of: string, index = 0): void => {
    if (seconds <= 0) return;
    tell({ kind, startS: nowS, endS: nowS + seconds, of, index });
    nowS += seconds;
  };
  session.warmup.forEach((item, i) => {
    spend('warm-up', warmupSeconds(item), item.id, i);
    if (i < session.warmup.length - 1) spend('rest', clockTable.warmupBetween, item.id);
  });
  const state: ClockState = { nowS, station: null, bench: null, owedRestS: 0 };
  for (const block of session.blocks) layBlock(block, clocks, distances, state, tell);
  return { events, totalS: state.nowS };
}
