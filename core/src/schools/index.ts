/**
 * What a session is judged by: the schools that ship and those of the coach’s own.
 *
 * @example
 * schoolOf('evidence').bands.chest;              // hard sets of a session
 * startingLine(entry, schoolOf('pump'), 'line-1'); // a line as that school begins it
 */
export { type School, type SchoolDocument, schoolSchema, severities, type Severity } from './document';
export { schoolOf, schools, shareOf, usualWeek } from './schools';
export { startingLine } from './starting-line';
