import { regions } from '@drimbo/core/anatomy';
import { mainRegions } from '@drimbo/core/choosing';
import { levelOf } from '@drimbo/core/mechanics';
import { atHome, type Entry, familyNames, rigWords } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ink, voiceText } from '../../look/theme';
import type { Column } from '../../parts/table';
import type { Measured } from '../../workers/sweep';

/** A name of the catalogue as the list shows it. */
export interface Listed {
  entry: Entry;
  /** Its best notch for the region asked for, where that was measured. */
  best: Measured | null;
  isHidden: boolean;
  /** What has to be turned for it to be kind to the limit that is asked for; empty where nothing has. */
  turned: string;
}

/** What a name measured at its best notch is ranked by: what a set counts, then the effort. */
export const serves = (m: Measured | null): number => (m ? m.counts * 10 + (m.effort ?? 0) : -1);

function Name({ entry: e, isHidden, turned }: Listed): ReactNode {
  return (
    <>
      <Link className="name" to={`/movements/${e.id}`}>
        {e.name}
      </Link>
      <small>
        {[
          ...(e.own ? ['your own'] : []),
          ...(isHidden ? ['hidden'] : []),
          familyNames[e.movement.family].toLowerCase(),
          e.movement.implement,
          ...(turned ? [`kind to it with ${turned}`] : []),
        ].join(', ')}
      </small>
    </>
  );
}

function Counts({ entry }: Listed): ReactNode {
  const main = mainRegions(entry);
  if (main.length === 0) return <span style={{ color: ink.soft }}>nothing</span>;
  return main.map(([id, credit], i) => (
    <span key={id}>
      {i > 0 && ', '}
      {regions[id].name.toLowerCase()}{' '}
      <b style={{ color: voiceText[regions[id].voice], fontWeight: 640 }}>{Number(credit.toFixed(2))}</b>
    </span>
  ));
}

function Begins({ entry, best }: Listed): ReactNode {
  return (
    <span style={{ color: ink.soft }}>
      {best ? (
        <>
          <b style={{ color: ink.ink }}>{best.effort === null ? 'not told' : levelOf(best.effort)}</b>
          {best.benchDeg !== null && ` at ${best.benchDeg}°`}, counts {Number(best.counts.toFixed(2))}
        </>
      ) : (
        rigWords(entry.rig, entry.movement.knobs)
      )}
    </span>
  );
}

const home = (row: Listed) => atHome(row.entry.movement, row.entry.rig);

/** The columns of the catalogue; the last one changes once every notch was measured. */
export const columnsFor = (isMeasured: boolean): Column<Listed>[] => [
  { id: 'name', name: 'Movement', width: '1.25fr', cell: Name, sortBy: (row) => row.entry.name },
  { id: 'counts', name: 'One hard set counts', width: '1.35fr', cell: Counts },
  {
    id: 'hard',
    name: 'Hard',
    width: '0.55fr',
    cell: (row) => home(row).hardWhere,
    sortBy: (row) => home(row).hardWhere,
    isForLarge: true,
  },
  {
    id: 'reps',
    name: 'Reps',
    width: '0.4fr',
    cell: (row) => home(row).homeReps.join('–'),
    sortBy: (row) => home(row).homeReps[0] * 100 + home(row).homeReps[1],
    isForLarge: true,
  },
  {
    id: 'begins',
    name: isMeasured ? 'Best notch' : 'Begins with',
    width: '1.1fr',
    cell: Begins,
    isForLarge: !isMeasured,
  },
];
