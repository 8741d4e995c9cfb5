/** A size in whole units, and how many there are of it. */
export interface Pieces {
  size: number;
  count: number;
}

export interface Sum {
  sum: number;
  /** The fewest pieces that make it. */
  pieceCount: number;
  /** How many of each size, in the order the sizes were given; worked out when asked for. */
  counts: () => number[];
}

const NONE = 0xffff;

interface Table {
  /** The fewest pieces that make each sum; NONE where none do. */
  fewest: Uint16Array;
  /** How many of this size are among them, as many as can be. */
  taken: Uint8Array;
}

/** The table with one more size: for each rest of the division a window slides over what lay below. */
function withSize(below: Uint16Array, { size, count }: Pieces): Table {
  const cells = below.length;
  const fewest = new Uint16Array(cells).fill(NONE);
  const taken = new Uint8Array(cells);
  const queue = new Int32Array(Math.ceil(cells / size) + 1);
  const worth = (rest: number, step: number): number => below[rest + step * size]! - step;
  for (let rest = 0; rest < Math.min(size, cells); rest++) {
    let head = 0;
    let tail = 0;
    for (let step = 0, at = rest; at < cells; step++, at += size) {
      if (below[at] !== NONE) {
        while (tail > head && worth(rest, queue[tail - 1]!) > worth(rest, step)) tail -= 1;
        queue[tail++] = step;
      }
      while (tail > head && step - queue[head]! > count) head += 1;
      if (tail === head) continue;
      const from = queue[head]!;
      fewest[at] = below[rest + from * size]! + step - from;
      taken[at] = step - from;
    }
  }
  return { fewest, taken };
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/**
 * Every sum up to `most` that can be made of the pieces, ascending, each with the fewest pieces and among
 * those with the most of the sizes named first. Work grows with `most` ÷ the greatest common divisor times
 * the number of sizes, however many pieces there are. `boundedSums([{ size: 3, count: 2 }], 9)` gives the
 * sums 0, 3 and 6. At most 255 pieces of a size.
 */
export function boundedSums(pieces: readonly Pieces[], most: number): Sum[] {
  const unit = pieces.reduce((d, p) => divisor(d, p.size), 0) || 1;
  const all = pieces.reduce((n, p) => n + p.size * p.count, 0);
  const cells = Math.floor(Math.min(all, most) / unit) + 1;
  let fewest = new Uint16Array(cells).fill(NONE);
  fewest[0] = 0;
  const tables = pieces.map(() => new Uint8Array(0));
  for (let i = pieces.length - 1; i >= 0; i--) {
    const { size, count } = pieces[i]!;
    const table = withSize(fewest, { size: size / unit, count });
    fewest = table.fewest as Uint16Array<ArrayBuffer>;
    tables[i] = table.taken as Uint8Array<ArrayBuffer>;
  }
  const sums: Sum[] = [];
  for (let cell = 0; cell < cells; cell++) {
    if (fewest[cell] === NONE) continue;
    const counts = (): number[] => {
      let left = cell;
      return pieces.map(({ size }, i) => {
        const n = tables[i]![left]!;
        left -= n * (size / unit);
        return n;
      });
    };
    sums.push({ sum: cell * unit, pieceCount: fewest[cell]!, counts });
  }
  return sums;
}
