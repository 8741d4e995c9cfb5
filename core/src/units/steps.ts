/** What a search that stops after every step comes to, at one go. */
export function atOneGo<T>(search: Generator<unknown, T>): T {
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
