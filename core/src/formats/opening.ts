import type { ZodType } from 'zod';
import { trainingBlockSchema, type TrainingBlock } from '../block/document';
import { kitSchema, type Kit } from '../kit/kit';
import { notebookSchema, type Notebook } from '../movements/notebook';
import { schoolSchema, type SchoolDocument } from '../schools/document';
import { clientSchema, type Client } from '../session/client';
import { sessionSchema, type Session } from '../session/document';
import { anySession, fromAny } from './any-version';
import type { DocumentKind } from './steps';

export interface Documents {
  session: Session;
  client: Client;
  kit: Kit;
  notebook: Notebook;
  school: SchoolDocument;
  block: TrainingBlock;
}

/** The schemas of the newest versions. */
export const newestSchemas: { [K in DocumentKind]: ZodType<Documents[K]> } = {
  session: sessionSchema,
  client: clientSchema,
  kit: kitSchema,
  notebook: notebookSchema,
  school: schoolSchema,
  block: trainingBlockSchema,
};

/** The same for documents of any version ever written; what comes out is of the newest. */
export const documentSchemas: { [K in DocumentKind]: ZodType<Documents[K]> } = {
  session: anySession,
  client: fromAny('client', newestSchemas.client),
  kit: fromAny('kit', newestSchemas.kit),
  notebook: fromAny('notebook', newestSchemas.notebook),
  school: fromAny('school', newestSchemas.school),
  block: fromAny('block', newestSchemas.block),
};
