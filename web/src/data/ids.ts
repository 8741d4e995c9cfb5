import { customAlphabet } from 'nanoid';

/** 129 random bits in small letters and figures; needs nothing that only a secure address gives. */
const random = customAlphabet('0123456789abcdefghijklmnopqrstuvwxyz', 25);

/** A new id that nobody else makes: a stem of small letters, then chance. */
export const newId = (stem: string): string => `${stem}-${random()}`;

const keyOf = (what: string): string => `drimbo.once.${what}`;

/** Ids made since this page was loaded: what a form of today says may have changed under them. */
const ofThisPage = new Set<string>();

/**
 * The id under which something is sent, made once: the same is given until it is through, after a reload too, so that a
 * request repeated after a lost answer is known as the same. `what`: the form or the press it belongs to.
 */
export function keptId(what: string, stem: string): string {
  try {
    const known = sessionStorage.getItem(keyOf(what));
    if (known) return known;
    const id = newId(stem);
    sessionStorage.setItem(keyOf(what), id);
    ofThisPage.add(id);
    return id;
  } catch {
    // A browser that keeps nothing: the id holds for this one press.
    return newId(stem);
  }
}

/** It is through, or given up: the next one is another. */
export function idIsThrough(what: string): void {
  try {
    sessionStorage.removeItem(keyOf(what));
  } catch {
    // Nothing was kept.
  }
}

export const isOfThisPage = (id: string): boolean => ofThisPage.has(id);

/** Sends something under an id of its own, which stays the same until an answer came. */
export async function once<T>(what: string, stem: string, send: (id: string) => Promise<T>): Promise<T> {
  const answer = await send(keptId(what, stem));
  idIsThrough(what);
  return answer;
}
