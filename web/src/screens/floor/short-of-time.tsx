import { fittingRest, minutesLeft, type SoFar } from '@drimbo/core/log';
import { useCallback, useMemo, useState, type ReactNode } from 'react';
import { Dialog } from '../../parts/dialog';
import { Progress } from '../../parts/progress';
import { Stepper } from '../../parts/stepper';
import type { Floor } from '../../state/use-floor';
import { useSearch } from '../../state/use-search';
import { Plain, Words } from './look';

/** What is left of the session made to fit into the minutes that are left; what was done stays. */
export function ShortOfTime({ floor, close }: { floor: Floor; close: () => void }): ReactNode {
  const { session, context, measured, sets, where } = floor;
  const [minutes, setMinutes] = useState(15);
  const [wrong, setWrong] = useState('');
  const soFar = useMemo((): SoFar => ({ sets, ticked: where.ticked }), [sets, where.ticked]);
  const begin = useCallback(
    () => fittingRest(session, context, soFar, minutes),
    [session, context, soFar, minutes],
  );
  const fitted = useSearch(begin);
  return (
    <Dialog title="Short of time" isOpen onClose={close}>
      {() => (
        <Words>
          <p>As planned it takes {Math.round(minutesLeft(measured, soFar))} minutes more.</p>
          <Stepper label="Minutes you have" value={minutes} lo={3} hi={120} onChange={setMinutes} />
          <div role="status">
            {fitted === undefined && <Progress says="Weighing what to leave" />}
            {fitted === null && <p>The rest stays as it is.</p>}
            {fitted && (
              <>
                <ul aria-label="What changes" style={{ listStyle: 'disc', paddingLeft: 18 }}>
                  {fitted.cuts.map((c, i) => (
                    <li key={i}>
                      {c.says}, {c.minutes.toFixed(1)} min
                    </li>
                  ))}
                </ul>
                <p>
                  Then about {Math.ceil(fitted.minutes)} minutes{!fitted.fits && '; it goes no shorter'}.
                </p>
              </>
            )}
          </div>
          {fitted && (
            <Plain
              kind="strong"
              onPress={() => {
                floor
                  .change(fitted.edit, `${minutes} minutes left`)
                  .then(close, (error: Error) => setWrong(error.message));
              }}
            >
              Do it so
            </Plain>
          )}
          {wrong && <p role="alert">This phone could not keep it: {wrong}</p>}
          <Plain kind="quiet" onPress={close}>
            Keep the plan
          </Plain>
        </Words>
      )}
    </Dialog>
  );
}
