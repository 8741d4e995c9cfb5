import { Copy, Link2, Trash2, Unlink2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import { Button } from '../../parts/button';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { joinable, joinNext, pairOrPart } from './keys';

const Tools = styled.div`
  display: flex;
  gap: 2px;
`;

function LineToolsPane({ designer }: { designer: Designer }): ReactNode {
  const m = designer.appraisal.lines.find((l) => l.id === designer.selected);
  if (!m) return null;
  const block = designer.session.blocks.find((b) => b.id === m.blockId)!;
  const paired = block.lines.length > 1;
  const next = joinable(designer, m);
  const name = m.name.toLowerCase();
  return (
    <Tools>
      <Button
        small
        kind="quiet"
        isDisabled={!paired && !next}
        onPress={() => pairOrPart(designer, m)}
        aria-label={paired ? `Part the pair of ${name}` : `Pair ${name} with the next`}
      >
        {paired ? <Unlink2 size={13} aria-hidden /> : <Link2 size={13} aria-hidden />}{' '}
        {paired ? 'Part' : 'Pair'}
      </Button>
      {paired && next && (
        <Button
          small
          kind="quiet"
          aria-label={`Join the next to the round of ${name}`}
          onPress={() => joinNext(designer, m)}
        >
          <Link2 size={13} aria-hidden /> Join
        </Button>
      )}
      <Button
        small
        kind="quiet"
        aria-label={`Duplicate ${name}`}
        onPress={() =>
          designer.edit(
            { do: 'duplicate line', line: m.id, newLine: newId('line'), newBlock: newId('block') },
            `duplicate ${name}`,
          )
        }
      >
        <Copy size={13} aria-hidden /> Duplicate
      </Button>
      <Button
        small
        kind="quiet"
        aria-label={`Remove ${name}`}
        onPress={() => designer.edit({ do: 'remove line', line: m.id }, `remove ${name}`)}
      >
        <Trash2 size={13} aria-hidden /> Remove
      </Button>
    </Tools>
  );
}

/** What can be done with the chosen movement. */
export const LineTools = drawsAgain(LineToolsPane, ...work);
