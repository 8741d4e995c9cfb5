import type { Pull, ArmFrame } from './muscle-lines';
import type { Torques } from './statics';
import { dot } from './vector';

/**
 * Who answers the torques, by fit: each muscle is recruited in proportion to how well it pulls where
 * the load asks, until the load is met. Returns an activity for each pull; only their ratios mean
 * something. A model's estimate.
 */
export function pullFit(pulls: readonly Pull[], frame: ArmFrame, torque: Torques): number[] {
  const swing = torque.swing || 1e-9;
  const nx = dot(torque.shoulder, frame.x) / swing;
  const nz = dot(torque.shoulder, frame.z) / swing;
  const sign = Math.sign(torque.elbow) || 1;
  let sumS = 1e-9;
  let sumE = 1e-9;
  const fits = pulls.map(({ shoulder, elbow, muscle }) => {
    const s = dot(shoulder, frame.x) * nx + dot(shoulder, frame.z) * nz;
    const e = elbow * sign;
    if (s > 0) sumS += muscle.force * s * s;
    if (e > 0) sumE += muscle.force * e * e;
    return { s, e };
  });
  const kS = torque.swing / sumS;
  const kE = Math.abs(torque.elbow) / sumE;
  return fits.map(({ s, e }) => Math.max(0, kS * s + kE * e));
}
