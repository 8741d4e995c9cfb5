/** The steps a size is chosen in, in px. */
const STEP = 0.25;

/**
 * The largest size from `least` to `most`, in quarters of a px, that `fits`; `least` when none does. Whatever fits at
 * one size is taken to fit at every smaller one, so that few are tried: laying a page out is what costs.
 *
 * @example largest(12, 19, (px) => px <= 15.3) // 15.25
 */
export function largest(least: number, most: number, fits: (px: number) => boolean): number {
  let [low, high] = [0, Math.round((most - least) / STEP)];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if (fits(least + middle * STEP)) low = middle;
    else high = middle - 1;
  }
  return least + low * STEP;
}
