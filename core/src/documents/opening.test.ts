import { sampleClient, sampleKit, soundPush } from '../examples';
import { sampleBlock } from '../block';
import { MOST_CHOICES } from '../kit';
import { applyEdit } from '../session';
import {
  changesOf,
  historyOf,
  kinds,
  mayReplace as mayReplaceKind,
  openKept as openKeptKind,
  sessionKind,
  type DocumentKind,
} from './index';

const openKept = (kind: DocumentKind, raw: unknown) => openKeptKind<object>(kinds[kind] as never, raw);
const mayReplace = (kind: DocumentKind, next: unknown, here: unknown) =>
  mayReplaceKind<object>(kinds[kind] as never, next, here);
const { start, commit } = historyOf(changesOf(sessionKind));

/** A kit with a stack of 300 kg in steps: four hundred loads are the most. */
const withStep = (stepKg: number) => ({
  ...sampleKit,
  stacks: [{ ...sampleKit.stacks[0]!, firstKg: 1, stepKg, maxKg: 301, addOnsKg: [] }],
});
const longName = (n: number) => ({ ...sampleClient, about: 'x'.repeat(n) });
const beyondOf = (opened: ReturnType<typeof openKept>) => ('beyond' in opened ? opened.beyond : null);

test('what is beyond a bound of today is a document all the same, and told where and by how much', () => {
  const most = 300 / 0.2 + 1;
  expect(beyondOf(openKept('kit', withStep(0.2)))).toMatchObject([{ at: 'stacks.0.stepKg' }]);
  expect(beyondOf(openKept('kit', withStep(0.2)))![0]!.by).toBeCloseTo(most - MOST_CHOICES, 6);
  const client = openKept('client', longName(100_000));
  expect(client).toMatchObject({ document: { name: sampleClient.name }, beyond: [{ at: 'about' }] });
});

test('what is missing, unknown or senseless is none', () => {
  expect(openKept('client', { ...sampleClient, name: undefined })).toHaveProperty('error');
  expect(openKept('client', { ...sampleClient, more: 1 })).toHaveProperty('error');
  expect(openKept('client', { ...sampleClient, name: '' })).toHaveProperty('error');
  expect(openKept('block', { ...sampleBlock(3), days: [] })).toHaveProperty('error');
  expect(
    openKept('session', { ...soundPush, blocks: [...soundPush.blocks, ...soundPush.blocks] }),
  ).toHaveProperty('error');
});

test('it may be made smaller step by step, not larger, and nothing else may go beyond', () => {
  const may = (next: unknown, here: unknown, kind: 'client' | 'kit' = 'client') =>
    'document' in mayReplace(kind, next, here);
  expect(may(longName(9_000), longName(10_000))).toBe(true);
  expect(may(longName(10_000), longName(10_000))).toBe(true);
  expect(may(longName(10_001), longName(10_000))).toBe(false);
  expect(may({ ...longName(9_000), likes: 'x'.repeat(100_000) }, longName(10_000))).toBe(false);
  expect(may(longName(9_000), sampleClient)).toBe(false);
  expect(may(sampleClient, longName(9_000))).toBe(true);
  expect(may(withStep(0.25), withStep(0.2), 'kit')).toBe(true);
  expect(may(withStep(0.1), withStep(0.2), 'kit')).toBe(false);
});

test('a session that is too long can be edited down, and what was taken out brought back', () => {
  const [first, ...rest] = soundPush.blocks;
  const [line] = first!.lines;
  const many = Array.from({ length: 45 }, (_, i) => ({
    ...first!,
    id: `b${i}`,
    kind: 'single' as const,
    lines: [{ ...line!, id: `l${i}` }],
  }));
  const long = { ...soundPush, blocks: [...many, ...rest] };
  expect(beyondOf(openKept('session', long))).not.toEqual([]);
  const shorter = commit(start(long), applyEdit(long, { do: 'remove line', line: 'l3' }), 'remove it');
  expect(shorter.refused).toBeNull();
  expect(shorter.present.blocks).toHaveLength(long.blocks.length - 1);
  const blocks = [...long.blocks, { ...many[0]!, id: 'more', lines: [{ ...line!, id: 'm' }] }];
  const longer = commit(start(long), { ...long, blocks }, 'add');
  expect(longer.refused).toMatch(/at most/);
});
