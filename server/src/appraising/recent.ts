/** Values by their text, the longest unused forgotten first. */
export class Recent {
  private readonly known = new Map<string, unknown>();

  constructor(private readonly most: number) {}

  /** The value made for this text lately, or a new one. Each text must always be made the same way. */
  get<T>(text: string, make: () => T): T {
    const value = this.known.has(text) ? (this.known.get(text) as T) : make();
    this.known.delete(text);
    this.known.set(text, value);
    if (this.known.size > this.most) this.known.delete(this.known.keys().next().value!);
    return value;
  }
}
