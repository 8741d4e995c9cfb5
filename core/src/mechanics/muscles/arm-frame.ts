import { clamp } from '../../units';
import { add, cross, length, scale, squareTo, unit, type Vec } from '../vector';

/** Axes of the upper arm: forward of the elbow's bend, toward the shoulder, along the hinge. */
export interface ArmFrame {
  x: Vec;
  y: Vec;
  z: Vec;
}

/**
 * The upper arm's frame. Near a straight elbow the arm does not say where its hinge is; there the hinge
 * given (that of the posture before) is blended in.
 */
export function armFrame(upper: Vec, fore: Vec, hinge: Vec): ArmFrame {
  const bent = cross(upper, fore);
  const sine = length(bent);
  const known = unit(squareTo(hinge, upper));
  const weight = clamp((0.3 - sine) / 0.2, 0, 1);
  const z = unit(add(scale(sine > 1e-9 ? unit(bent) : known, 1 - weight), scale(known, weight)));
  const y = scale(upper, -1);
  return { x: cross(y, z), y, z };
}
