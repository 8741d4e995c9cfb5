import { type GroupId, groupIds, groupNames, type VoiceId } from '@drimbo/core/anatomy';
import type { ReactNode } from 'react';
import { ValueCurve } from '../../drawings/value-curve';
import { voiceInk } from '../../look/theme';
import type { Designer } from '../../state/use-designer';

const groupVoice: Record<GroupId, VoiceId> = {
  chest: 'chest',
  deltFront: 'shoulders',
  deltSide: 'shoulders',
  deltRear: 'shoulders',
  triceps: 'triceps',
};

/** What the figure of the dose shows, and what a further set is worth. */
export const DoseText = ({ designer }: { designer: Designer }): ReactNode => (
  <>
    <p>
      Each region has its strands: the more hard sets it got today, the more of them are drawn and the
      heavier. Beside it stand the sets, the band the school asks of one day, and how much one more set would
      add.
    </p>
    <p style={{ marginTop: 6 }}>
      A set counts in full where the region does most of the work, in part where it helps, and not at all
      where it leaves more in reserve than a hard set may. The figures are the coaches&apos; table and can be
      pinned under Set-up.
    </p>
    <ValueCurve
      scale={designer.appraisal.school.valueScale}
      marks={groupIds.map((g) => ({
        sets: designer.appraisal.dose.groups[g].fractional,
        name: groupNames[g],
        color: voiceInk[groupVoice[g]],
      }))}
    />
    <p style={{ marginTop: 6 }}>
      {groupIds
        .map(
          (g) =>
            `One more set for the ${groupNames[g].toLowerCase()}: +${Math.round(designer.appraisal.dose.groups[g].next * 100)} %`,
        )
        .join('. ')}
      .
    </p>
  </>
);

/** What the score shows. */
export const ScoreText = (): ReactNode => (
  <>
    <p>
      Time runs to the right, in minutes. A bar is a set: as wide as the muscle is under load, as high as it
      is near failure; hollow ones are ramp sets, grey the warm-up. A gap is a rest; the dashed line is the
      time there is.
    </p>
    <p style={{ marginTop: 6 }}>
      The lines below are freshness, one a muscle group in its colour: at the top all of its strength is
      there, and it falls by what the sets before have cost and comes back in the rests. A model&apos;s
      estimate.
    </p>
  </>
);
