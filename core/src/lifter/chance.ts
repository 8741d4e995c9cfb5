/** Numbers that look like chance and are the same every time, from a seed (mulberry32). */
export class Chance {
  private state: number;
  constructor(seed: number | string) {
    this.state = typeof seed === 'number' ? seed >>> 0 : hashed(seed);
  }

  /** Between 0 and 1. */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let t = this.state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  /** Normal with a standard deviation, about 0 (Box and Muller 1958). */
  normal(sd: number): number {
    const u = Math.max(1e-12, this.next());
    return sd * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * this.next());
  }
}

/** A text as a seed (FNV-1a). */
function hashed(text: string): number {
  let h = 0x811c9dc5;
  for (const letter of text) h = Math.imul(h ^ letter.codePointAt(0)!, 0x01000193);
  return h >>> 0;
}
