/**
 * What a coach types: one line, a message or a whole session as text, read and written.
 *
 * @example
 * readTypedLine('bench 4x6-8 @80 rir 2', 'kg').entry;
 * writeSession(session, { unit: 'kg' });           // text that reads back to itself
 */
export { sessionsOfDays } from './days';
export { blocksOfPasted, type Pasted, type PastedRow, readPasted, withEntry } from './pasted';
export { writeSession } from './session-text';
export { lineFromTyped, readTypedLine, type Stretch } from './typed-line';
export { blocksOfTyped, readTyped, type TypedText } from './typed';
