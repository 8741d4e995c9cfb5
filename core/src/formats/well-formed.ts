/** No document of Drimbo is nested a third as deep. */
const DEEPEST = 60;

const QUOTE = 34;
const BACKSLASH = 92;
const OPENS = new Set([91, 123]);
const CLOSES = new Set([93, 125]);

/**
 * Where JSON text becomes nested deeper than any document is, as an offset; null where it does not. Looks at each
 * character once and never into the depth itself, so that text made to exhaust whoever reads it is refused before.
 *
 * @example tooDeep('{"a":[1]}') // null
 */
export function tooDeep(text: string, deepest = DEEPEST): number | null {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    if (inText) {
      if (code === BACKSLASH) i += 1;
      else if (code === QUOTE) inText = false;
    } else if (code === QUOTE) inText = true;
    else if (OPENS.has(code)) {
      depth += 1;
      if (depth > deepest) return i;
    } else if (CLOSES.has(code)) depth -= 1;
  }
  return null;
}

/**
 * Where a text with a NUL in it stands, as a path; null where none does. Databases and programs take it for the end of
 * the text and would cut it off.
 *
 * @example nulIn({ notes: ['a', 'b\0c'] }) // 'notes.1'
 */
export function nulIn(value: unknown): string | null {
  if (typeof value === 'string') return value.includes('\0') ? '' : null;
  if (typeof value !== 'object' || value === null) return null;
  for (const [key, inner] of Object.entries(value)) {
    const found = key.includes('\0') ? '' : nulIn(inner);
    if (found !== null) return found === '' ? key : `${key}.${found}`;
  }
  return null;
}
