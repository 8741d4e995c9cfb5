import type { Line, Session } from './document';

/** Parts of a line that its loads do not follow from. */
const beside: ReadonlySet<string> = new Set(['cues', 'note', 'handed', 'pins']);

/** Parts of a session that the loads of all its lines follow from. */
const above: ReadonlySet<string> = new Set(['kitId', 'clientId']);

const withoutLoads = ({ handed: _handed, ...line }: Line): Line => line;

/** A line changed; what its loads follow from being another way, it no longer has those it was handed over with. */
export function changedLine(line: Line, patch: Partial<Omit<Line, 'id'>>): Line {
  const isSame = (key: keyof typeof patch): boolean =>
    JSON.stringify(patch[key]) === JSON.stringify(line[key]);
  const keeps = (Object.keys(patch) as (keyof typeof patch)[]).every((key) => beside.has(key) || isSame(key));
  const changed = { ...(keeps ? line : withoutLoads(line)), ...patch };
  return changed.handed ? changed : withoutLoads(changed);
}

/** A session whose loads follow what the client can do, none handed over. */
export const withoutHanded = (session: Session): Session =>
  session.blocks.some((b) => b.lines.some((l) => l.handed))
    ? { ...session, blocks: session.blocks.map((b) => ({ ...b, lines: b.lines.map(withoutLoads) })) }
    : session;

/** The head of a session changed; a draft again, or for another gym, it has no loads that were handed over. */
export const changedHead = (session: Session, patch: Partial<Session>): Session => {
  const isFreed = patch.status === 'draft' || Object.keys(patch).some((key) => above.has(key));
  return { ...(isFreed ? withoutHanded(session) : session), ...patch };
};
