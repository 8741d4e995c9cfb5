import { shortages } from '../../choosing/at-once';
import type { Measured } from '../../measure/model';
import type { FindingDraft, Rule } from '../model';
import { freshId } from '../questions';

const told = (n: number): string => (n === 1 ? 'one' : String(n));

function look(s: Measured): FindingDraft[] {
  return s.session.blocks.flatMap((block): FindingDraft[] => {
    if (block.lines.length < 2) return [];
    const lines = block.lines.map((l) => s.lines.find((m) => m.id === l.id)!);
    const [first] = shortages(s, lines);
    if (!first) return [];
    return [
      {
        on: lines.map((m) => m.id),
        what: `${lines.length === 2 ? 'This pair' : 'This round'} needs ${first.of} at once; ${s.context.kit.name} has ${told(first.has)}.`,
        why: 'Changing the load or the bench between the movements of a round eats the time it should save.',
        fixes: () => [
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
