import type { ReactNode } from 'react';
import { Score } from '../../drawings/score';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';

function ScorePane({
  designer: { appraisal, signs, selected, select, edit },
  editSet,
  onSign,
}: {
  designer: Designer;
  /** Opens the loads of the chosen movement at a set. */
  editSet: (index: number) => void;
  /** Opens a finding in the review. */
  onSign: (finding: string) => void;
}): ReactNode {
  return (
    <Score
      appraisal={appraisal}
      signs={signs}
      selected={selected}
      onSign={onSign}
      onPick={(id, setIndex) => {
        select(id);
        if (setIndex !== null) editSet(setIndex);
      }}
      onMove={(line, to) => edit({ do: 'move line', line, to }, 'move along the score')}
    />
  );
}

/** The session along the clock, in the designer. */
export const SessionScore = drawsAgain(ScorePane, ...work);
