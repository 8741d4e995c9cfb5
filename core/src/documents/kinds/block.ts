import { lifeNames, type LifeEvent, type TrainingBlock, trainingBlockSchema } from '../../block';
import { schools } from '../../schools';
import { dayWords } from '../../units';
import { documentKind } from '../kind';
import { named } from '../plain-words';
import type { Raw } from '../record';
import { client, gym, ownMovement, school, session } from '../references';
import { listBy } from '../splitting';

const byDay = <T extends { day: number }>(what: string) =>
  listBy<T>(
    ({ day }) => String(day),
    (day) => `${what} day ${Number(day) + 1}`,
  );

/** Weeks of training: phases, a pattern of days, and what comes between. */
export const blockKind = documentKind<'block', TrainingBlock>({
  kind: 'block',
  name: 'block',
  schema: trainingBlockSchema,
  steps: [
    {
      name: 'loads always go on from what was done',
      does: (document) => {
        const { double: _always, ...kept } = document;
        return kept;
      },
    },
    {
      name: 'a change of movement may end',
      does: (document) => ({
        ...document,
        rotations: (document.rotations as Raw[]).map((r) => ({ ...r, backIn: null })),
      }),
    },
  ],
  splits: {
    // Days are put elsewhere, made and done one at a time, here and by whoever runs them.
    moved: byDay('Put elsewhere:'),
    made: byDay('Made and done:'),
    life: listBy<LifeEvent>(
      ({ id }) => id,
      (_id, { what }) => `What comes between: ${lifeNames[what]}`,
    ),
  },
  names: {
    title: 'Title',
    clientId: 'Client',
    school: 'School',
    startsOn: 'Begins on',
    phases: 'Phases',
    days: 'Training days',
    pattern: 'Pattern',
    patternFrom: 'Pattern from day',
    weeks: 'Weeks',
    ladders: 'Ladders',
    rotateEvery: 'A movement is changed every, weeks',
    rotations: 'Movements changed',
    life: 'What comes between',
    moved: 'Days put elsewhere',
    made: 'Days made and done',
    dismissed: 'Findings set aside',
    note: 'Note',
  },
  words: {
    school: (id: string) => named(schools, id),
    life: ({ from, to }: LifeEvent) => `${dayWords(from)} to ${dayWords(to)}`,
    moved: ({ to }: TrainingBlock['moved'][number]) => `on ${dayWords(to)}`,
    made: ({ on }: TrainingBlock['made'][number]) => (on === null ? 'made' : `done on ${dayWords(on)}`),
  },
  refersTo: (block) => [
    client(block.clientId, 'clientId'),
    ...school(block.school, 'school'),
    ...block.life.flatMap(({ kitId }, i) => (kitId === undefined ? [] : [gym(kitId, `life.${i}.kitId`)])),
    ...block.days.flatMap(({ does }, i) =>
      does.is === 'session' ? [session(does.session, `days.${i}.does.session`)] : [],
    ),
    ...block.made.flatMap((made, i) =>
      made.session === null ? [] : [session(made.session, `made.${i}.session`)],
    ),
    ...block.rotations.flatMap(({ own }, i) => ownMovement(own, `rotations.${i}.own`)),
  ],
  isSingle: false,
  owner: 'clientId',
});
