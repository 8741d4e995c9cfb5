import { metresApart } from '../../kit';
import type { Rule } from '../model';
import { freshId } from '../questions';

/** Farther than this the way takes longer than the pause between two movements done in turn, metres. */
const FAR = 12;

export const farPair: Rule = {
  id: 'far-pair',
  title: 'A pair across the room',
  severity: 'watch',
  ground: 'common practice',
  look: (s) =>
    s.session.blocks.flatMap((block) => {
      const stations = block.lines.map((l) => s.lines.find((m) => m.id === l.id)!.movement.station);
      const ways = stations.map((to, i) => {
        const from = stations[(i + stations.length - 1) % stations.length]!;
        const known = metresApart(s.context.kit, from, to);
        return {
          from,
          to,
          metres: from === to ? 0 : (known ?? 0),
          isKnown: known !== null,
        };
      });
      const far = ways.reduce((a, w) => (w.metres > a.metres ? w : a));
      // A way nobody measured is no finding.
      if (block.lines.length < 2 || !far.isKnown || far.metres <= FAR) return [];
      return [
        {
          on: block.lines.map((l) => l.id),
          what: `${far.metres} m from the ${far.from} to the ${far.to}, every round.`,
          why: 'Somebody else is on the other station by the time the client is back.',
          fixes: () => [
            {
              label: block.lines.length === 2 ? 'Part them' : 'Take the round apart',
              edit: {
                do: 'part',
                block: block.id,
                newBlocks: block.lines.slice(1).map((l) => freshId(s, `block-${l.id}`)),
              },
            },
          ],
        },
      ];
    }),
};
