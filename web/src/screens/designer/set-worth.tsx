import { setValues } from '@drimbo/core/choosing';
import type { MeasuredLine } from '@drimbo/core/measure';
import type { ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What each set of a movement gives of all the session does, and the minutes it takes. */
export function SetWorth({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const { appraisal, session } = designer;
  const values = setValues({ dose: appraisal.dose, school: appraisal.school, session }, m);
  const last = values.at(-1);
  if (!last) return null;
  return (
    <div>
      <h3>What a set gives</h3>
      <p data-testid="set-worth">
        Of all the session does: {values.map((v) => percent(v.share)).join(', ')}. The last one gives{' '}
        {percent(last.share)} for {last.minutes.toFixed(1)} minutes. Our own estimate.
      </p>
    </div>
  );
}
