import { z } from 'zod';
import { expectPinned } from '../testing/pinned';
import { entries, movements } from './catalogue';
import { canComeBack, dress, emptyNotebook, notebookSchema, offeredEntries } from './notebook';
import { bringKeptBack, deleteKept, keepOwn, setCues, setOffered } from './notebook-changes';
import { wordMatch, wordsOf } from './name-words';
import { ownFrom } from './teaching/own-from';
import { choiceKnobs, choiceWords, numericKnobs, pulleyWord, rigSchema, rigWords } from './rig';
import { searchEntries } from './search';
import { anchoredCredits, fullRig, meantAt, perHandWords, variantOf } from './settings';
import { cueList, teachingOf } from './teaching';

test('the catalogue says of every movement what it said', () => {
  expectPinned(
    import.meta.dirname,
    'catalogue',
    Object.fromEntries(
      movements.map((m) => [m.id, { ...m, variants: m.variants.map((v) => v.id ?? v.name) }]),
    ),
  );
  expectPinned(
    import.meta.dirname,
    'entries',
    Object.fromEntries(
      entries.map((e) => [
        e.id,
        [
          e.name,
          e.aliases,
          e.rig,
          rigWords(fullRig(e.movement, e.rig), e.movement.knobs),
          perHandWords(e.movement),
          variantOf(e.movement, e.rig).name,
          anchoredCredits(e.movement, fullRig(e.movement, e.rig)),
          numericKnobs.map((knob) => meantAt(e.movement, fullRig(e.movement, e.rig), knob)),
        ],
      ]),
    ),
  );
});

test('what is taught of every name is what it was', () => {
  expectPinned(
    import.meta.dirname,
    'teaching',
    Object.fromEntries(
      entries.map((e) => {
        const { cues, ...rest } = teachingOf(e.movement, e.rig);
        return [e.id, [cueList(cues), rest]];
      }),
    ),
  );
});

test('names are found, and notebooks change, as they did', () => {
  const asked = [
    'bench',
    'incline db',
    'press seated',
    'flye',
    'latral raise',
    'pushdwn',
    'dip',
    'reverse',
    'close',
    'z',
  ];
  const first = entries.find((e) => e.id === 'incline-dumbbell-press')!;
  const own = ownFrom(first, { benchDeg: 20 }, 'own-1');
  const kept = keepOwn(own)(emptyNotebook);
  const deleted = deleteKept('own-1', '2026-11-01')(kept);
  expectPinned(import.meta.dirname, 'notebook', {
    ...Object.fromEntries(
      asked.map((text) => [text, searchEntries(text).map((m) => [m.entry.id, { ...m, entry: null }])]),
    ),
    words: [
      wordsOf('Close-grip bench press, 30°'),
      wordMatch('pres', 'press'),
      wordMatch('fly', 'flies'),
      wordMatch('x', 'y'),
    ],
    own,
    kept,
    deleted,
    back: bringKeptBack('own-1')(deleted),
    cues: [setCues('dip', ['Lean'])(kept), setCues('dip', null)(setCues('dip', ['Lean'])(kept))],
    offered: [
      setOffered('dip', false)(kept),
      offeredEntries(setOffered('dip', false)(kept)).length,
      offeredEntries().length,
    ],
    dressed: { ...dress(own), variants: null },
    comes: ['2026-11-01', '2026-10-31', '2026-10-01'].map((on) => canComeBack({ on }, '2026-11-30')),
    pulleys: [0, 0.12, 0.13, 0.36, 0.4, 0.58, 0.6, 0.72, 0.8, 0.9, 1, 1.02, 1.1].map(pulleyWord),
    choices: choiceKnobs.map((knob) =>
      ['pronated', 'prone', 'pins', 'bands', 'together', 'other'].map((o) => choiceWords(knob, o)),
    ),
    schemas: [z.toJSONSchema(rigSchema), z.toJSONSchema(notebookSchema)],
  });
});
