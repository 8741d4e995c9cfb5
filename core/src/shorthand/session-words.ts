import type { Notebook, NumericKnob } from '../movements';
import type { Line, Session } from '../session';
import type { MassUnit } from '../units';

/** What text is written and read with. */
export interface TextContext {
  unit: MassUnit;
  notebook?: Notebook;
}

/** Between the parts of a line; nothing else in it is written so. */
export const BAR = ' · ';

export const knobWords: Record<NumericKnob, string> = {
  benchDeg: 'bench',
  gripBiacromial: 'grip',
  tuckDeg: 'tuck',
  pulleyStature: 'pulley',
  leanDeg: 'lean',
  elevationM: 'raise',
};

export const loadsWords: Record<NonNullable<Line['loads']>, string> = {
  one: 'one load',
  down: 'loads coming down',
};

export const rampWords: Record<NonNullable<Session['ramp']>, string> = {
  ladder: 'ramp as a ladder',
  'two sets': 'ramp in two sets',
};

export const figure = (n: number): string => String(Number(n.toFixed(4)));
export const escaped = (text: string): string => text.replace(/\\/g, '\\\\').replace(/\n/g, '\\n');
export const unescaped = (text: string): string =>
  text.replace(/\\(n|\\)/g, (_, c: string) => (c === 'n' ? '\n' : '\\'));

/** A name of the coach's own that would be taken for something else stands in quotes. */
export const quoted = (name: string): string =>
  /^(?:[#+“\s]|for |note:|warm-?up:)|[(·“”\\]|\s$/i.test(name) ? `“${escaped(name)}”` : name;

/** The name a written line begins with, and what follows it. */
export function nameIn(text: string): { name: string; rest: string } {
  if (!text.startsWith('“')) {
    const m = /^(.+?)(?= \(| · |$)/.exec(text);
    return { name: m?.[1] ?? '', rest: text.slice(m?.[1]?.length ?? 0) };
  }
  // The quote that is followed by settings, a bar or nothing closes the name.
  const end = /”(?= \(| · |$)/.exec(text)?.index ?? text.length;
  return { name: unescaped(text.slice(1, end)), rest: text.slice(end + 1) };
}
