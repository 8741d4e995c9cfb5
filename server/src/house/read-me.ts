import { type House, HOUSE_FILE } from '@drimbo/core/formats';

/** What lies in an export, for whoever opens it without Drimbo. */
export const readMe = ({ written, client, counts }: House): string =>
  [
    client === null ? 'Everything of one coach, out of Drimbo.' : 'One client, out of Drimbo.',
    `Written ${written}: ${counts.clients} clients, ${counts.kits} gyms, ${counts.sessions} sessions, ${counts.sets} logged sets.`,
    '',
    `${HOUSE_FILE}    what this is, and how much of it`,
    'clients/      a JSON document each: facts, tests, limits, health questions',
    'kits/         a JSON document each: what stands in a gym',
    'schools/      a JSON document each: the coach’s own rule sets',
    'sessions/     a JSON document each, and the same as text to read or to type in again',
    'blocks/       a JSON document each: splits, weeks, days and what came between',
    'notebooks/    own movements, cues, templates and what is hidden',
    'sets/         what was lifted, a table for each client: CSV as in RFC 4180, UTF-8, loads in kg',
    'schemas/      JSON Schema (2020-12) of the documents',
    '',
    'A document is called by its id. Drimbo takes the whole back in: the page "Data", or npm run import.',
    'Deleted documents are not in here; a backup has them.',
    '',
  ].join('\n');
