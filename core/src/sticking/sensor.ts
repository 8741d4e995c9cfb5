import type { Sample } from './trace';

/** A set a simulated sensor saw: where it sticks is known beforehand. */
export interface Seen {
  /** Share of the stroke at which it goes slowest; null for a set that never slows. */
  sticksAt: number | null;
  reps: number;
  strokeM: number;
  /** Mean share of speed each repetition keeps of the one before. */
  keeps: number;
  /** Standard deviation of the noise, metres; `noise` gives it. */
  noiseM: number;
}

const RATE = 60;
const PEAK = 0.55;

/** Speed along the stroke: up from standing, down to a fifth at the sticking point, up again, and to a stand. */
function speedAt(x: number, sticksAt: number | null): number {
  const ends = Math.min(1, x / 0.12, (1 - x) / 0.08);
  const rise = Math.sqrt(Math.max(0.02, ends));
  if (sticksAt === null) return PEAK * rise;
  const dip = Math.exp(-(((x - sticksAt) / 0.1) ** 2));
  return PEAK * rise * (1 - 0.75 * dip);
}

/** Heights over time of a whole set. `noise`: normal numbers, sd 1; pure where those are. */
export function simulatedTrace(seen: Seen, noise: () => number): Sample[] {
  const samples: Sample[] = [];
  let t = 0;
  const add = (h: number): void => {
    samples.push({ t: Number(t.toFixed(4)), h: h + seen.noiseM * noise() });
    t += 1 / RATE;
  };
  const hold = (h: number, seconds: number): void => {
    for (let i = 0; i < seconds * RATE; i += 1) add(h);
  };
  hold(seen.strokeM, 0.8);
  for (let rep = 0; rep < seen.reps; rep += 1) {
    for (let i = 0; i <= 1.6 * RATE; i += 1)
      add(seen.strokeM * (0.5 + 0.5 * Math.cos((Math.PI * i) / (1.6 * RATE))));
    hold(0, 0.3);
    const pace = seen.keeps ** rep;
    for (let x = 0; x < 0.999;) {
      add(seen.strokeM * x);
      x += (speedAt(Math.max(0.004, x), seen.sticksAt) * pace) / RATE / seen.strokeM;
    }
    hold(seen.strokeM, 0.7);
  }
  return samples;
}
