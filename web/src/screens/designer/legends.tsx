import { lazy, Suspense, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { Popover } from '../../parts/popover';
import type { Designer } from '../../state/use-designer';

const DoseText = lazy(() => import('./legend-texts').then((m) => ({ default: m.DoseText })));
const ScoreText = lazy(() => import('./legend-texts').then((m) => ({ default: m.ScoreText })));

const Legend = ({ title, text }: { title: string; text: () => ReactNode }): ReactNode => (
  <Popover
    title={title}
    trigger={
      <Button small kind="quiet">
        How to read
      </Button>
    }
  >
    {() => <Suspense fallback={null}>{text()}</Suspense>}
  </Popover>
);

/** How the figure of the dose is read; fetched with the first press. */
export const DoseLegend = ({ designer }: { designer: Designer }): ReactNode => (
  <Legend title="How to read the dose" text={() => <DoseText designer={designer} />} />
);

/** How the score is read; fetched with the first press. */
export const ScoreLegend = (): ReactNode => (
  <Legend title="How to read the score" text={() => <ScoreText />} />
);
