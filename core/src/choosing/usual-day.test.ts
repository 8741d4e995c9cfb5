import { appraise } from '../index';
import { sampleClient, sampleContext } from '../examples';
import { usualGym, usualGymIds, missingFor } from '../kit';
import { findMovement } from '../movements';
import { schoolOf } from '../schools';
import { singleBlock, emptySession, type Client } from '../session';
import { usualDay } from './usual-day';

const people: Record<string, Partial<Client>> = {
  practised: {},
  'in a first year': { trainingAge: 'under 1 year', tests: [] },
  'with a weak upper chest': { lagging: ['pecUpper'] },
  'with a careful shoulder': { limits: [{ limit: 'shoulder front', note: '' }] },
};

const begun = (patch: Partial<Client>, gym: (typeof usualGymIds)[number], unit: 'kg' | 'lb') => {
  const client: Client = { ...sampleClient, unit, ...patch };
  const kit = usualGym(gym, unit, 'Here');
  const id = client.trainingAge === 'under 1 year' ? 'foundations' : 'evidence';
  let n = 0;
  const lines = usualDay({ client, kit, school: schoolOf(id, []) }, () => `line-${n++}`);
  const session = {
    ...emptySession({
      title: 'First',
      clientId: 'c',
      kitId: 'k',
      minutes: 60,
      emphasis: 'chest',
      school: id,
    }),
    blocks: lines.map((l) => singleBlock(`b-${l.id}`, l)),
  };
  return { lines, kit, appraisal: appraise(session, { ...sampleContext, client, kit }) };
};

const all = usualGymIds.flatMap((gym) =>
  (['kg', 'lb'] as const).flatMap((unit) => Object.keys(people).map((who) => ({ gym, unit, who }))),
);

test.each(all)(
  'a day to begin from in a $gym in $unit, $who: at hand, and nothing to stop for',
  ({ gym, unit, who }) => {
    const { lines, kit, appraisal } = begun(people[who]!, gym, unit);
    expect(lines.length).toBeGreaterThanOrEqual(4);
    expect(lines.filter((l) => missingFor(kit, findMovement(l.movement)!, l.rig) !== null)).toEqual([]);
    expect(new Set(appraisal.lines.map((m) => m.name)).size).toBe(lines.length);
    expect(appraisal.findings.filter((f) => f.severity === 'stop').map((f) => f.what)).toEqual([]);
  },
);

test('what is usual leads: the bar for the practised, dumbbells in a first year, the incline for a weak upper chest', () => {
  const names = (who: string, gym: (typeof usualGymIds)[number] = 'small') =>
    begun(people[who]!, gym, 'kg').appraisal.lines.map((m) => m.name);
  expect(names('practised')).toEqual([
    'Barbell bench press',
    'Incline dumbbell press',
    'Cable fly, shoulder height',
    'Dumbbell lateral raise',
    'Cable overhead extension',
  ]);
  expect(names('in a first year')[0]).toBe('Dumbbell bench press');
  expect(names('with a weak upper chest')[0]).toBe('Incline dumbbell press');
  expect(names('practised', 'home')[0]).toBe('Dumbbell bench press');
});

test('repetitions are as they are written for each place, and dumbbells alone give both presses', () => {
  const asked = (who: string, gym: (typeof usualGymIds)[number]) =>
    begun(people[who]!, gym, 'kg').appraisal.lines.map((m) => {
      const { lo, hi } = m.sets[0]!.target.reps;
      return `${m.name} ${lo}–${hi}`;
    });
  expect(asked('practised', 'home')).toEqual([
    'Dumbbell bench press 6–8',
    'Incline dumbbell press 8–12',
    'Dumbbell fly 12–15',
    'Dumbbell lateral raise 12–15',
    'Overhead triceps extension 10–12',
  ]);
  expect(asked('in a first year', 'small')[0]).toBe('Dumbbell bench press 8–12');
});
