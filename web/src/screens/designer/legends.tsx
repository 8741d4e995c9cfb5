import type { ReactNode } from 'react';
import { Button } from '../../parts/button';
import { Popover } from '../../parts/popover';

/** What the figure of the dose shows. */
export const DoseLegend = (): ReactNode => (
  <Popover
    title="How to read the dose"
    trigger={
      <Button small kind="quiet">
        Hard sets, fractional
      </Button>
    }
  >
    {() => (
      <>
        <p>
          Each region has its strands: the more hard sets it got today, the more of them are drawn and the
          heavier. Beside it stand the sets, the band the school asks of one day, and how much one more set
          would add.
        </p>
        <p style={{ marginTop: 6 }}>
          A set counts in full where the region does most of the work, in part where it helps, and not at all
          where it leaves more in reserve than a hard set may. The figures are the coaches&apos; table and can
          be pinned under Set-up.
        </p>
      </>
    )}
  </Popover>
);

/** What the score shows. */
export const ScoreLegend = (): ReactNode => (
  <Popover
    title="How to read the score"
    trigger={
      <Button small kind="quiet">
        How to read
      </Button>
    }
  >
    {() => (
      <>
        <p>
          Time runs to the right, in minutes. A bar is a set: as wide as the muscle is under load, as high as
          it is near failure; hollow ones are ramp sets, grey the warm-up. A gap is a rest; the dashed line is
          the time there is.
        </p>
        <p style={{ marginTop: 6 }}>
          The lines below are freshness, one a muscle group in its colour: at the top all of its strength is
          there, and it falls by what the sets before have cost and comes back in the rests. A model&apos;s
          estimate.
        </p>
      </>
    )}
  </Popover>
);
