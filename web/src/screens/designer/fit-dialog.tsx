import { fitting } from '@drimbo/core/choosing';
import { useCallback, useState, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { useSearch } from '../../state/use-search';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { NumberField } from '../../parts/number-field';
import { Progress } from '../../parts/progress';
import { Told } from './told';

/** What it costs to fit a session into so many minutes, cut by cut, before it is done. */
export function FitDialog({
  designer,
  minutes: asked,
  onClose,
}: {
  designer: Designer;
  minutes: number;
  onClose: () => void;
}): ReactNode {
  const { session, context, edit, appraisal } = designer;
  const [minutes, setMinutes] = useState(asked);
  const begin = useCallback(() => fitting(session, context, minutes), [session, context, minutes]);
  const fitted = useSearch(begin);
  return (
    <Dialog title="Fit it into the time" isOpen onClose={onClose} widthPx={540}>
      {() => (
        <Told>
          <NumberField
            label="Minutes"
            value={minutes}
            lo={10}
            hi={240}
            onChange={(n) => setMinutes(Math.round(n))}
          />
          <p>It takes {Math.round(appraisal.totals.minutes)} minutes now.</p>
          <div role="status">
            {fitted === undefined && <Progress says="Weighing cuts" />}
            {fitted === null && <p>It fits as it is.</p>}
            {fitted && (
              <>
                <table>
                  <thead>
                    <tr>
                      <th scope="col">Cut</th>
                      <th scope="col">Saves</th>
                      <th scope="col">Costs</th>
                    </tr>
                  </thead>
                  <tbody>
                    {fitted.cuts.map((c, i) => (
                      <tr key={i}>
                        <td>{c.says}</td>
                        <td>{c.minutes.toFixed(1)} min</td>
                        <td>{(c.worth * 100).toFixed(1)} %</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                <p>
                  Then {Math.round(fitted.minutes)} minutes, and{' '}
                  {(fitted.cuts.reduce((n, c) => n + c.worth, 0) * 100).toFixed(0)} % less of what the session
                  was worth.
                  {!fitted.fits && ' It goes no shorter than that.'}
                </p>
                <p className="soft">
                  {fitted.isExact
                    ? 'Every combination of such cuts was weighed.'
                    : 'The cheapest cut was taken step by step; not every combination was weighed.'}{' '}
                  A model’s estimate.
                </p>
              </>
            )}
          </div>
          <DialogFeet>
            <Button
              kind="strong"
              isDisabled={!fitted}
              onPress={() => {
                if (fitted) edit(fitted.edit, `fit it into ${minutes} minutes`);
                onClose();
              }}
            >
              Make these cuts
            </Button>
            <Button onPress={onClose}>Leave it as it is</Button>
          </DialogFeet>
        </Told>
      )}
    </Dialog>
  );
}
