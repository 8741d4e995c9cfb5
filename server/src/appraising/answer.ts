import { appraise, type Context } from '@drimbo/core';
import { clientKind, kitKind, notebookKind, openKept, schoolKind, sessionKind } from '@drimbo/core/documents';
import { makeReport } from '@drimbo/core/formats';
import { emptyNotebook, type Notebook } from '@drimbo/core/movements';
import type { School } from '@drimbo/core/schools';
import type { Session } from '@drimbo/core/session';
import { loggedSchema } from '@drimbo/core/strength';
import { daySchema } from '@drimbo/core/units';
import { z } from 'zod';
import { checked, checkedOver, Problem, upToAYearAhead } from '../problems/problem';
import { Recent } from './recent';

const stored = z.string().min(1).max(60);

/** What `POST /api/appraise` takes. Without `client` or `kit` those the session names are used. */
export const appraiseRequestSchema = z
  .object({
    session: sessionKind.any,
    client: z.union([stored, clientKind.any]).optional(),
    kit: z.union([stored, kitKind.any]).optional(),
    /** The coach's own movements and cues; left out, the stored ones. */
    notebook: notebookKind.any.optional(),
    /** The coach's own schools with their ids; left out, the stored ones. */
    schools: z
      .array(z.object({ id: stored, document: schoolKind.any }).strict())
      .max(60)
      .optional(),
    /** Logged sets for an inline client; a stored client brings its own. */
    logged: z.array(loggedSchema).max(500).optional(),
    today: daySchema.optional(),
  })
  .strict();

/** A request, and the text of what the house keeps for it; null where nothing of that id is kept. */
export interface AppraiseJob {
  body: unknown;
  client: string | null;
  kit: string | null;
  notebook: string;
  schools: string;
  logged: string;
  today: string;
}

/** Lines and documents met lately by their text, so that the same one is the same object and what the core keeps for it lasts. */
const documents = new Recent(60);
const lines = new Recent(1_000);

const once = <T>(text: string, read: (raw: unknown) => T): T =>
  documents.get(text, () => read(JSON.parse(text)));

const withKnownLines = (session: Session): Session => ({
  ...session,
  blocks: session.blocks.map((block) => ({
    ...block,
    lines: block.lines.map((line) => lines.get(JSON.stringify(line), () => line)),
  })),
});

/** The coach's notebook; where it cannot be read the catalogue is all there is, and the page Data names it. */
function notebookIn(text: string): Notebook {
  try {
    const opened = openKept(notebookKind, JSON.parse(text));
    if ('document' in opened) return opened.document;
  } catch {
    // It is not even JSON.
  }
  return emptyNotebook;
}

const contexts = new WeakMap<object, Context>();

/** The same context for the same parts, so that what the core keeps for it lasts from one request to the next. */
function contextOf(parts: Context): Context {
  const known = contexts.get(parts.client);
  const same = known && (Object.keys(parts) as (keyof Context)[]).every((key) => known[key] === parts[key]);
  if (same) return known;
  contexts.set(parts.client, parts);
  return parts;
}

/** The document sent along, or else the one that is kept. Throws a Problem that says which is missing. */
function sentOrKept<T extends object>(
  what: 'client' | 'kit',
  sent: T | string | undefined,
  kept: string | null,
  open: (raw: unknown, what: string) => T,
): T {
  if (typeof sent === 'object') return sent;
  if (kept === null)
    throw new Problem(404, 'not-found', `There is no ${what} with this id; send the ${what} inline.`, what);
  return once(kept, (raw) => open(raw, what));
}

/** The answer of the front door as JSON. Throws a Problem for a request that is not one. */
export function answerJob(job: AppraiseJob): string {
  const body = checked(appraiseRequestSchema, job.body);
  upToAYearAhead(job.today, body);
  const context = contextOf({
    client: sentOrKept('client', body.client, job.client, (raw, at) =>
      checkedOver(openKept(clientKind, raw), at),
    ),
    kit: sentOrKept('kit', body.kit, job.kit, (raw, at) => checkedOver(openKept(kitKind, raw), at)),
    logged:
      body.logged ??
      (typeof body.client === 'object'
        ? once('[]', () => [])
        : once(job.logged, (raw) => z.array(loggedSchema).parse(raw))),
    notebook: body.notebook ?? documents.get(`notebook ${job.notebook}`, () => notebookIn(job.notebook)),
    schools:
      body.schools?.map(({ id, document }) => ({ ...document, id })) ??
      once(job.schools, (raw) => raw as School[]),
    todayIso: body.today ?? job.today,
  });
  return JSON.stringify(makeReport(appraise(withKnownLines(body.session), context), context));
}
