import fc from 'fast-check';
import { applyChange } from './changes';
import { trainingBlockSchema, type TrainingBlock } from './document';
import { madeOf } from './making';
import { sampleBlock } from './pages';
import { placed } from './placing';
import { addDay, canGo, dropDay, nameDay, putOn } from './training-days';

const sample = sampleBlock();

const after = (block: TrainingBlock, change: ReturnType<typeof addDay>): TrainingBlock =>
  change ? applyChange(block, {}, change).block : block;

test('a coach’s own day is added, named, given work and put into the pattern', () => {
  let block = after(sample, addDay(sample, ' Arms '));
  const day = block.days.at(-1)!;
  expect(day).toMatchObject({ name: 'Arms', does: { is: 'short', work: [] } });
  block = after(block, nameDay(block, day.id, 'Arms and shoulders'));
  block = after(
    block,
    putOn(block, day.id, { is: 'short', work: [{ part: 'biceps', sets: 6, hard: 'hard' }] }),
  );
  block = after(block, { block: { pattern: [...block.pattern, [day.id]] }, sessions: [] });
  expect(trainingBlockSchema.safeParse(block).error).toBe(undefined);
  const own = placed(block).filter((p) => p.training === day.id);
  expect(own.length).toBeGreaterThan(0);
  expect(block.days.at(-1)).toEqual({
    id: day.id,
    name: 'Arms and shoulders',
    does: { is: 'short', work: [{ part: 'biceps', sets: 6, hard: 'hard' }] },
  });
});

test('no day without a name, no fifteenth, and nothing to do where the name is the same', () => {
  expect(addDay(sample, '  ')).toBe(null);
  const first = sample.days[0]!;
  expect(nameDay(sample, first.id, ' ')).toBe(null);
  expect(nameDay(sample, first.id, first.name)).toBe(null);
  let block = sample;
  for (let n = 0; n < 20; n += 1) block = after(block, addDay(block, `Day ${n}`));
  expect(block.days).toHaveLength(14);
  expect(addDay(block, 'One more')).toBe(null);
});

test('a day goes only where neither the pattern nor anything done needs it', () => {
  const used = sample.pattern.flat()[0]!;
  expect(dropDay(sample, used)).toBe(null);
  const [p] = placed(sample);
  const done = after(sample, madeOf(sample, p!, null, p!.date));
  const free = { ...done, pattern: [done.days.find((d) => d.id !== p!.training)!.id].map((d) => [d]) };
  expect(canGo(free, p!.training)).toBe(false);
  expect(canGo({ ...free, made: [] }, p!.training)).toBe(true);
  const lone = { ...sample, days: [sample.days[0]!], pattern: [[]] };
  expect(canGo(lone, lone.days[0]!.id)).toBe(false);
});

test('however days are added, named and taken out, the block stays sound and moves no day', () => {
  const deed = fc.record({
    is: fc.constantFrom('add', 'name', 'drop'),
    name: fc.string({ maxLength: 80 }),
    at: fc.nat(),
  });
  fc.assert(
    fc.property(fc.array(deed, { maxLength: 20 }), (deeds) => {
      let block = sample;
      for (const { is, name, at } of deeds) {
        const { id } = block.days[at % block.days.length]!;
        const change =
          is === 'add' ? addDay(block, name) : is === 'name' ? nameDay(block, id, name) : dropDay(block, id);
        if (!change) continue;
        block = applyChange(block, {}, change).block;
        expect(trainingBlockSchema.safeParse(block).error).toBe(undefined);
      }
      expect(placed(block)).toEqual(placed(sample));
    }),
  );
});
