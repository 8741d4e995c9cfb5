import { seconds, secondsAt } from '../phrases';
import type { Line } from '../line';
import { reading, type Reader, type Said, type Slot } from '../reading';

type Where = NonNullable<Said['pause']>['at'];
const places: Record<string, Where> = {
  stretch: 'stretch',
  stretched: 'stretch',
  chest: 'stretch',
  bottom: 'bottom',
  top: 'top',
  lockout: 'peak',
  peak: 'peak',
  contraction: 'peak',
  squeeze: 'peak',
  shortened: 'peak',
  contracted: 'peak',
};
const between = ['in', 'at', 'on', 'the', 'of', 'your', 'each', 'every', 'rep', 'full', 'peak'];
const words: Record<Where, string> = {
  stretch: 'in the stretch',
  bottom: 'at the bottom',
  top: 'at the top',
  peak: 'at the short end',
};

/** Where the pause is, and the place after the word. */
function placeAt(line: Line, i: number): { at: Where; to: number } | null {
  let to = i;
  while (line.is(to, ...between) && !places[line.text(to + 1)] && to - i < 4) to++;
  if (line.is(to, ...between) && places[line.text(to + 1)]) to++;
  const at = places[line.text(to)];
  return at && to - i < 6 ? { at, to: to + 1 } : null;
}

const still = ['pause', 'pauses', 'paused', 'pausing', 'hold', 'holds', 'squeeze', 'stop', 'isohold'];
const meant = (verb: string): Where => (verb === 'squeeze' ? 'peak' : 'stretch');

/** "2 sec pause on chest", "pause 1s at the top", "hold 2 s in the stretch", "squeeze 5s at peak". */
export const pause: Reader = (line, i) => {
  let at = line.past(i, 'with', 'w', '/', 'a', '+');
  if (at > i && line.is(i, '/', 'a')) at = i;
  let verb = line.text(at);
  const verbFirst = still.includes(verb);
  if (verbFirst) at = line.past(at + 1, 'for', 'of', 'hard', 'about', 'a');
  // "hold the stretch for 2 s": the place may come first.
  const early = verbFirst ? placeAt(line, at) : null;
  if (early) at = line.past(early.to, 'for', 'about');
  const value = secondsAt(line, at);
  if (!value || value.value <= 0 || value.value > 15) return [];
  let { to } = value;
  if (!verbFirst) {
    to = line.past(to, '-');
    verb = line.text(to);
    if (!still.includes(verb) || verb === 'stop') return [];
    to++;
  }
  if (line.run(to, 'between') !== null || line.run(to, ['rest', 'then']) !== null) return [];
  const place = early ? { at: early.at, to } : placeAt(line, to);
  const isHold = verb === 'hold' || verb === 'holds';
  // A hold that nobody says where is a way of doing sets.
  if (!place && isHold) return [];
  const where = place?.at ?? meant(verb);
  const slots: Slot[] = where === 'stretch' || where === 'bottom' ? ['stretched'] : ['shortened'];
  return [
    reading(
      i,
      place?.to ?? to,
      [...slots],
      `hold ${value.value} s ${words[where]}`,
      {
        pause: { seconds: value.value, at: where },
      },
      1.05,
    ),
  ];
};

/** "squeeze 10s between sets": hard and still, breathing. */
export const squeezeBetween: Reader = (line, i) => {
  const verbFirst = line.is(i, 'squeeze', 'flex');
  const at = verbFirst ? line.past(i + 1, 'hard', 'for', 'it') : i;
  const value = line.whole(at);
  if (value === null || value < 5 || value > 30 || !line.is(at + 1, ...seconds)) return [];
  let to = at + 2;
  if (!verbFirst) {
    if (!line.is(to, 'squeeze', 'flex')) return [];
    to++;
  }
  const isBetween = line.run(to, ['between', 'after']);
  const isBare = verbFirst && line.isEdge(to);
  if (isBetween === null && !isBare) return [];
  const end = isBetween === null ? to : line.past(isBetween, 'sets', 'set', 'each', 'every', 'the');
  return [
    reading(
      i,
      end,
      ['squeeze'],
      `squeeze ${value} s between sets`,
      { squeezeS: value },
      isBetween === null ? 0.9 : 1.1,
    ),
  ];
};
