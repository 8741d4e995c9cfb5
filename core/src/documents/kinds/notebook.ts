import {
  findEntry,
  goneId,
  type Notebook,
  notebookSchema,
  type OwnMovement,
  type Template,
} from '../../movements';
import { dayWords } from '../../units';
import { documentKind } from '../kind';
import { listBy, tableBy } from '../splitting';

type Gone = Notebook['deleted'][number];

const entryName = (id: string): string => findEntry(id)?.name ?? id;

/** What the coach has made of the catalogue. */
export const notebookKind = documentKind<'notebook', Notebook>({
  kind: 'notebook',
  name: 'notebook',
  schema: notebookSchema,
  steps: [
    {
      name: 'templates, and what was deleted for a while',
      does: (document) => ({ ...document, templates: [], deleted: [] }),
    },
  ],
  splits: {
    own: listBy<OwnMovement>(
      ({ id }) => id,
      (_id, { name }) => `Own movement ${name}`,
    ),
    hidden: listBy<string>(
      (id) => id,
      (id) => `Hidden: ${entryName(id)}`,
    ),
    shown: listBy<string>(
      (id) => id,
      (id) => `Shown again: ${entryName(id)}`,
    ),
    cues: tableBy<string[]>((id) => `Cues for ${entryName(id)}`),
    templates: listBy<Template>(
      ({ id }) => id,
      (_id, { name }) => `Template ${name}`,
    ),
    deleted: listBy<Gone>(
      goneId,
      (_id, gone) => `Deleted: ${('own' in gone ? gone.own : gone.template).name}`,
    ),
  },
  names: {
    own: 'Own movements',
    hidden: 'Hidden',
    shown: 'Shown again',
    cues: 'Cues',
    templates: 'Templates',
    deleted: 'Deleted',
  },
  words: {
    own: ({ chooseWhen }: OwnMovement) => chooseWhen,
    hidden: () => 'yes',
    shown: () => 'yes',
    cues: (cues: string[]) => cues.join(' / '),
    templates: ({ keptOn }: Template) => `kept ${dayWords(keptOn)}`,
    deleted: ({ on }: Gone) => `deleted ${dayWords(on)}`,
  },
  refersTo: () => [],
  isSingle: true,
  owner: null,
});
