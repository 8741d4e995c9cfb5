import { parseTempo, tempoText } from '../../../session';
import type { Line } from '../line';
import { secondsAt } from '../phrases';
import { reading, type Reader } from '../reading';
import { looksLikeTempo } from './lists';

/** "3110", "31X0", "3-1-1-0", "3/1/1/0", "3 1 1 0": the text of a tempo and the place after it. */
function figuresAt(line: Line, i: number, isNamed: boolean): { text: string; to: number } | null {
  let tight = '';
  let to = i;
  while (to < line.length && (to === i || line.isTight(to)) && /^(\d+|x)$/.test(line.text(to)))
    tight += line.text(to++);
  // Only the lifting is ever "as fast as you can".
  if (/^\d\d[\dx]\d$/.test(tight)) return { text: tight, to };
  if (isNamed) {
    const spaced = [0, 1, 2, 3].map((k) => line.text(i + k));
    if (spaced.every((p) => /^[\dx]$/.test(p))) return { text: spaced.join('-'), to: i + 4 };
  }
  const parts: string[] = [];
  let at = i;
  for (;;) {
    if (!/^(\d{1,2}(\.\d)?|x)$/.test(line.text(at))) break;
    parts.push(line.text(at));
    at++;
    if (parts.length === 4 || !line.is(at, '-', '/', ':') || !/^(\d|x)/.test(line.text(at + 1))) break;
    at++;
  }
  if (line.is(at, '-', '/') && line.figure(at + 1)) return null;
  return parts.length >= 3 ? { text: parts.join('-'), to: at } : null;
}

/** Four counts of a repetition, with or without their name. */
export const tempo: Reader = (line, i) => {
  let at = line.past(i, '@', 'at', '(');
  const isNamed = line.is(at, 'tempo', 't') || line.run(at, 'tempo') !== null;
  if (line.is(at, 't') && !line.is(at + 1, ':')) return [];
  if (isNamed) at = line.past(at + 1, ':', 'of', '=', '-');
  if (!isNamed && i > 0 && line.is(i - 1, '-', '/', ',', 'x', '.') && line.isTight(i)) return [];
  const found = figuresAt(line, at, isNamed);
  if (!found) return [];
  let { to } = found;
  if (line.is(to, 'tempo')) to++;
  const isCalled = isNamed || line.is(to - 1, 'tempo');
  if (line.is(i, '(') && line.is(to, ')')) to++;
  else if (line.is(i, '(')) return [];
  const counts = found.text.includes('-') ? found.text.split('-') : found.text.split('');
  const numbers = counts.map((c) => (c === 'x' ? 1 : Number(c)));
  if (!isCalled && (counts.length !== 4 || !(counts.includes('x') || looksLikeTempo(numbers)))) return [];
  const parsed = parseTempo(found.text);
  return parsed
    ? [
        reading(
          i,
          to,
          ['tempo', 'lower', 'stretched', 'shortened'],
          `tempo ${tempoText(parsed)}`,
          { tempo: parsed },
          1.05,
        ),
      ]
    : [];
};

const lowering = [
  'down',
  'lowering',
  'eccentric',
  'eccentrics',
  'ecc',
  'negative',
  'negatives',
  'lower',
  'descent',
];

/** "3s down", "4 sec negatives", "5 second eccentric", "lower for 3 seconds". */
export const slowLowering: Reader = (line, i) => {
  const verb = line.is(i, ...lowering) && !line.is(i, 'down');
  const at = verb ? line.past(i + 1, 'for', 'in', 'over', 'it', 'the', 'weight', 'of') : i;
  const value = secondsAt(line, at);
  if (!value || value.value < 1 || value.value > 15) return [];
  let { to } = value;
  if (!verb) {
    to = line.past(to, 'on', 'the', 'way', '-');
    if (!line.is(to, ...lowering)) return [];
    to++;
  }
  return [reading(i, to, ['lower', 'tempo'], `lower for ${value.value} s`, { lowerS: value.value }, 1.1)];
};
