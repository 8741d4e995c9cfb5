import { canComeBack, goneId, type Notebook, type OwnMovement, type Template } from './notebook';

/** One thing a coach does to the notebook; done again on a newer version where somebody else was quicker. */
export type NotebookChange = (notebook: Notebook) => Notebook;

/** Keeps an own movement, in the place of the one of the same id where there is one. */
export const keepOwn =
  (own: OwnMovement): NotebookChange =>
  (n) => ({
    ...n,
    own: n.own.some((o) => o.id === own.id) ? n.own.map((o) => (o.id === own.id ? own : o)) : [...n.own, own],
  });

type Gone = Notebook['deleted'][number];

/** What can no longer be brought back on this day is forgotten whenever something is deleted. */
const stillKept = (deleted: readonly Gone[], today: string): Gone[] =>
  deleted.filter((gone) => canComeBack(gone, today)).slice(0, 199);

/** Deletes an own movement or a template; it stays to be brought back. */
export const deleteKept =
  (id: string, today: string): NotebookChange =>
  (n) => {
    const own = n.own.find((o) => o.id === id);
    const template = n.templates.find((t) => t.id === id);
    if (!own && !template) return n;
    const gone: Gone = own ? { on: today, own } : { on: today, template: template! };
    return {
      ...n,
      own: n.own.filter((o) => o.id !== id),
      templates: n.templates.filter((t) => t.id !== id),
      deleted: [gone, ...stillKept(n.deleted, today).filter((g) => goneId(g) !== id)],
    };
  };

/** Brings back what was deleted. */
export const bringKeptBack =
  (id: string): NotebookChange =>
  (n) => {
    const gone = n.deleted.find((g) => goneId(g) === id);
    if (!gone) return n;
    return {
      ...n,
      own: 'own' in gone ? [...n.own, gone.own] : n.own,
      templates: 'own' in gone ? n.templates : [...n.templates, gone.template],
      deleted: n.deleted.filter((g) => g !== gone),
    };
  };

/** Keeps a template, last. */
export const keepTemplate =
  (template: Template): NotebookChange =>
  (n) => ({ ...n, templates: [...n.templates, template] });

/** Puts a name out of sight or back. */
export const setOffered =
  (id: string, offered: boolean): NotebookChange =>
  (n) => ({
    ...n,
    hidden: offered ? n.hidden.filter((h) => h !== id) : [...new Set([...n.hidden, id])],
    shown: offered ? [...new Set([...n.shown, id])] : n.shown.filter((h) => h !== id),
  });

/** The coach's cues for a name; none takes them back. */
export const setCues =
  (entryId: string, cues: string[] | null): NotebookChange =>
  (n) => {
    const { [entryId]: _before, ...others } = n.cues;
    return { ...n, cues: cues && cues.length > 0 ? { ...others, [entryId]: cues } : others };
  };
