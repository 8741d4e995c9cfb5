import { sampleBlock, sound } from '@drimbo/core/block/pages';
import { forgetStepsOf, keepSteps, stepsOf, type BlockStep } from './kept-steps';

const block = sampleBlock();
const step = (title: string): BlockStep => ({
  undo: { block: { title: 'Autumn' }, sessions: [] },
  redo: { block: { title }, sessions: [] },
  says: `call it ${title}`,
  key: null,
});
const onSession: BlockStep = {
  undo: { block: {}, sessions: [{ id: 'a', edit: { do: 'head', patch: { title: 'Push A' } } }] },
  redo: { block: {}, sessions: [{ id: 'a', edit: { do: 'head', patch: { title: 'Other' } } }] },
  says: 'call a session otherwise',
  key: null,
};

beforeEach(() => localStorage.clear());

test('what can be undone and redone is there again for the same block', () => {
  const steps = { past: [step('One'), onSession], future: [step('Two')] };
  keepSteps(localStorage, 'b', block, sound, steps);
  expect(stepsOf(localStorage, 'b', block, sound)).toEqual(steps);
  expect(stepsOf(localStorage, 'another', block, sound)).toEqual({ past: [], future: [] });
});

test('a block, or a session the steps touch, that was changed elsewhere forgets them; another session does not', () => {
  const none = { past: [], future: [] };
  keepSteps(localStorage, 'b', block, sound, { past: [onSession], future: [] });
  expect(stepsOf(localStorage, 'b', { ...block, title: 'Changed' }, sound)).toEqual(none);
  expect(stepsOf(localStorage, 'b', block, { ...sound, a: { ...sound.a, title: 'Changed' } })).toEqual(none);
  expect(
    stepsOf(localStorage, 'b', block, { ...sound, b: { ...sound.b, title: 'Changed' } }).past,
  ).toHaveLength(1);
});

test('nothing to undo, torn text and forgetting leave nothing', () => {
  keepSteps(localStorage, 'b', block, sound, { past: [step('One')], future: [] });
  keepSteps(localStorage, 'b', block, sound, { past: [], future: [] });
  expect(localStorage.length).toBe(0);
  localStorage.setItem('drimbo.block-steps.b', '{"past": 3');
  expect(stepsOf(localStorage, 'b', block, sound).past).toEqual([]);
  keepSteps(localStorage, 'b', block, sound, { past: [step('One')], future: [] });
  forgetStepsOf(localStorage, ['b']);
  expect(localStorage.length).toBe(0);
});
