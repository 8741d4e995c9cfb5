/** What the engine says where a file is locked; told here where the turn to write did not come in time. */
const lateError = (): Error => Object.assign(new Error('database is locked'), { code: 'SQLITE_BUSY' });

/** One after the other, in the order they came. */
export class Turns {
  private taken = false;
  private readonly line: (() => void)[] = [];

  /** Resolves when it is this one's turn, which `give` ends. Rejects as a locked database does after `patienceMs`. */
  take(patienceMs: number): Promise<void> {
    if (!this.taken) {
      this.taken = true;
      return Promise.resolve();
    }
    return new Promise((done, refuse) => {
      const mine = (): void => {
        clearTimeout(timer);
        done();
      };
      const timer = setTimeout(() => {
        this.line.splice(this.line.indexOf(mine), 1);
        refuse(lateError());
      }, patienceMs);
      this.line.push(mine);
    });
  }

  give(): void {
    const next = this.line.shift();
    if (next) next();
    else this.taken = false;
  }
}
