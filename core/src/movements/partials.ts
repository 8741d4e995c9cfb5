import type { KnobFactor, Movement, Pattern } from './model';

/** Ways of using part of a range that any lift can be done in, and what they leave of its max. Common practice. */
const ways: readonly (KnobFactor & { knob: 'range'; is: string; factor: number })[] = [
  { knob: 'range', is: 'lengthened half', factor: 0.9 },
  { knob: 'range', is: 'one and a half', factor: 0.8 },
];

/** Patterns whose repetition has a stretched half worth repeating. */
const patterns: readonly Pattern[] = [
  'press',
  'fly',
  'raise side',
  'raise front',
  'raise rear',
  'elbow lying',
  'elbow overhead',
  'elbow down',
  'curl',
  'pullover',
];

/** The movement with lengthened partials and one-and-a-half repetitions among its ranges. */
export function withPartials(movement: Movement): Movement {
  if (!patterns.includes(movement.pattern) || ['corrective', 'preparation'].includes(movement.family))
    return movement;
  const range = movement.knobs.range ?? { options: ['full'], byDefault: 'full' };
  const options = [...new Set([...range.options, ...ways.map((w) => w.is)])];
  const knobs = { ...movement.knobs, range: { ...range, options } };
  if (movement.load.kind !== 'external') return { ...movement, knobs };
  const factors = movement.load.factors ?? [];
  const told = (is: string): boolean => factors.some((f) => f.knob === 'range' && 'is' in f && f.is === is);
  return {
    ...movement,
    knobs,
    load: { ...movement.load, factors: [...factors, ...ways.filter((w) => !told(w.is))] },
  };
}
