import fc from 'fast-check';
import { emptyNotebook, notebookSchema } from '../movements';
import { linesOf, sessionSchema, startedFor } from '../session';
import { anySession } from '../testing/any';
import { line, sampleClient, session } from '../examples';
import { fromTemplate, sessionIn, templateOf } from './templates';

const kept = { id: 'push-of-six', name: 'Push of six', keptOn: '2026-11-20' };
const whose = { id: 'somebody', client: { ...sampleClient, kitId: 'loft', minutes: 45 } };

test('whatever session is kept, the notebook takes the template, and it starts as a valid draft of the same movements', () => {
  fc.assert(
    fc.property(anySession, (from) => {
      const template = templateOf(from, kept);
      expect(notebookSchema.safeParse({ ...emptyNotebook, templates: [template] }).error).toBeUndefined();
      const started = fromTemplate(template, whose, 'Monday')!;
      expect(sessionSchema.safeParse(started).error).toBeUndefined();
      expect(started).toMatchObject({
        clientId: 'somebody',
        kitId: 'loft',
        minutes: 45,
        title: 'Monday',
        status: 'draft',
        date: null,
        dismissed: [],
      });
      expect(linesOf(started).map((l) => [l.movement, l.scheme, l.loadKg, l.cues])).toEqual(
        linesOf(from).map((l) => [l.movement, l.scheme, null, null]),
      );
    }),
    { numRuns: 40 },
  );
});

test('nothing a template keeps tells of the client it was made for', () => {
  const from = session(
    [line('dumbbell-fly', { note: 'Since her fall', loadKg: 12, cues: ['Mind the left'] })],
    { clientId: 'ines-ferro', note: 'Slept badly', title: 'Ines on Monday' },
  );
  const text = JSON.stringify(templateOf(from, kept));
  for (const word of ['ines-ferro', 'Ines', 'fall', 'Slept', 'left', '12']) expect(text).not.toContain(word);
});

test('a copy for the same client keeps loads and cues; for another it does not', () => {
  const from = session([line('dumbbell-fly', { loadKg: 12, cues: ['Wide'] })], { clientId: 'a' });
  const own = startedFor(from, { ...whose, id: 'a' }, 'Again');
  expect(linesOf(own)[0]).toMatchObject({ loadKg: 12, cues: ['Wide'] });
  expect(own).toMatchObject({ kitId: from.kitId, minutes: from.minutes, title: 'Again' });
  expect(linesOf(startedFor(from, whose, 'For him'))[0]).toMatchObject({ loadKg: null, cues: null });
});

test('a template that cannot be read starts nothing', () => {
  const torn = { ...kept, session: { format: 'drimbo.session', version: 1 } };
  expect([sessionIn(torn), fromTemplate(torn, whose, 'x')]).toEqual([null, null]);
});
