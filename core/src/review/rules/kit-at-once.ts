import { shortages } from '../../choosing';
import type { Measured, MeasuredLine } from '../../measure';
import { turnedInto } from '../../session';
import type { FindingDraft, FixDraft, Rule } from '../model';
import { changeLine, freshId } from '../questions';

const told = (n: number): string => (n === 0 ? 'none' : n === 1 ? 'one' : String(n));

/** The same sets without what follows them at once. */
const withoutStages = (m: MeasuredLine): FixDraft[] => [
  {
    label: 'Make it straight sets',
    edit: changeLine(m.id, { scheme: turnedInto(m.line.scheme, 'straight'), loadKg: null }),
  },
];

function look(s: Measured): FindingDraft[] {
  return s.session.blocks.flatMap((block): FindingDraft[] => {
    const lines = block.lines.map((l) => s.lines.find((m) => m.id === l.id)!);
    // A single movement asks for more than one of anything only from stage to stage.
    if (lines.length === 1 && lines[0]!.sets.every((set) => set.target.stage === 0)) return [];
    const [first] = shortages(s, lines);
    if (!first) return [];
    return [
      {
        on: lines.map((m) => m.id),
        what: `${lines.length === 1 ? lines[0]!.name : lines.length === 2 ? 'This pair' : 'This round'} needs ${first.of} at once; ${s.context.kit.name} has ${told(first.has)}.`,
        why:
          lines.length === 1
            ? 'What the next stage needs has to lie ready: a stage goes on without a rest.'
            : 'Changing the load or the bench between the movements of a round eats the time it should save.',
        fixes: () =>
          lines.length === 1
            ? withoutStages(lines[0]!)
            : [
                {
                  label: lines.length === 2 ? 'Part them' : 'Take the round apart',
                  edit: {
                    do: 'part',
                    block: block.id,
                    newBlocks: lines.slice(1).map((m) => freshId(s, `block-${m.id}`)),
                  },
                },
              ],
      },
    ];
  });
}

export const kitAtOnce: Rule = {
  id: 'kit-at-once',
  title: 'The same kit twice at once',
  severity: 'watch',
  ground: 'common practice',
  look,
};
