import type { Template } from '../movements';
import { type Client, type Session, startedFor } from '../session';
import { sessionKind } from '../documents';

const NOBODY = 'nobody';

/**
 * A session as a template: what is done and how, without anything of the client it was made for. Notes are left out
 * because they speak of that client.
 */
export function templateOf(session: Session, kept: Pick<Template, 'id' | 'name' | 'keptOn'>): Template {
  const plain = startedFor(session, { id: NOBODY, client: session }, kept.name);
  return {
    ...kept,
    session: {
      ...plain,
      note: '',
      blocks: plain.blocks.map((block) => ({
        ...block,
        lines: block.lines.map((line) => ({ ...line, note: '' })),
      })),
      warmup: plain.warmup.map((item) => ({ ...item, note: '' })),
    },
  };
}

/** The session in a template; null where it can no longer be read. */
export const sessionIn = (template: Template): Session | null =>
  sessionKind.any.safeParse(template.session).data ?? null;

/** A session started from a template for a client, in their gym and time. Null where the template cannot be read. */
export function fromTemplate(
  template: Template,
  whose: { id: string; client: Pick<Client, 'kitId' | 'minutes'> },
  title: string,
): Session | null {
  const session = sessionIn(template);
  return session && startedFor(session, whose, title);
}
