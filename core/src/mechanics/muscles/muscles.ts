import type { Muscle } from './model';
import { otherMuscles } from './other-muscles';
import { pressingMuscles } from './pressing-muscles';

/**
 * Forces: Saul et al. 2015; latissimus and teres major Holzbaur et al. 2005; posterior deltoid by its
 * area, about a quarter of front plus middle, Bassett et al. 1990; then brought to men's measured isometric
 * strength: chest, deltoids and coracobrachialis × .6 (horizontal adduction about 100 N·m, measured
 * 80–120), triceps × 1.25 with the anconeus in it (elbow extension 65 N·m, measured 45–70). Lengths:
 * Holzbaur et al. 2005. All from memory of the named sources; the place within the measured ranges was
 * chosen with published activity in view.
 *
 * Lines: fitted to published moment arms (Ackland 2008, Kuechle 1997 and 2000, Garner & Pandy 2001, from
 * memory) within 20–25 mm an axis of own estimates of the attachments; effective lines, not anatomy. The
 * chest's heads and the front deltoid are fans: two lines between their borders, each with half the force.
 *
 * Prices: the cuff is strongly active in pressing (Wattanaprakornkul et al. 2011, from memory); chosen.
 */
export const muscles: readonly Muscle[] = [...pressingMuscles, ...otherMuscles];
