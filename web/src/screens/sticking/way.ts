import { findEntry } from '@drimbo/core/movements';
import { workOf } from '@drimbo/core/mechanics';
import type { Body } from '@drimbo/core/anatomy';
import type { Rep, Sample } from '@drimbo/core/sticking';
import type { WayPoint } from '../../drawings/trace-chart';

const STEPS = 50;

/** Speed of one repetition along its stroke, from the samples as they are. */
function speeds(samples: readonly Sample[], rep: Rep): { share: number; speed: number }[] {
  const begin = samples[0]!.t;
  const up = samples.filter((s) => s.t - begin >= rep.fromS && s.t - begin <= rep.toS);
  if (up.length < 3) return [];
  const bottom = Math.min(...up.map((s) => s.h));
  return up.slice(2, -2).map((s, i) => {
    const [a, b] = [up[i]!, up[i + 4] ?? up[up.length - 1]!];
    return { share: (s.h - bottom) / rep.strokeM, speed: (b.h - a.h) / Math.max(1e-3, b.t - a.t) };
  });
}

/** The way up: how fast it went, beside where the model says a bench press of this body is hard. */
export function wayOf(samples: readonly Sample[], rep: Rep, body: Body): WayPoint[] {
  const fast = speeds(samples, rep);
  const bench = findEntry('barbell-bench-press')!;
  const work = workOf(bench.movement, bench.rig, body, 60);
  const torque = (work?.points ?? []).map((p) => Math.abs(p.shoulderNm) + Math.abs(p.elbowNm));
  const most = Math.max(1e-6, ...torque);
  return Array.from({ length: STEPS + 1 }, (_, i): WayPoint => {
    const share = i / STEPS;
    const near = fast.filter((p) => Math.abs(p.share - share) < 0.6 / STEPS);
    const at = torque.length > 0 ? torque[Math.round(share * (torque.length - 1))]! / most : null;
    return {
      share,
      speed: near.length > 0 ? near.reduce((n, p) => n + p.speed, 0) / near.length : null,
      hard: at,
    };
  });
}
