import { kinderTo, limitNames } from '@drimbo/core/review';
import type { LimitId } from '@drimbo/core/session';
import { useCallback, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { useSearch } from '../../state/use-search';
import { Button } from '../../parts/button';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { Progress } from '../../parts/progress';
import { Told } from './told';

/** What would make a session kinder to a limit of its client, before it is done. */
export function KinderDialog({
  designer,
  limit,
  onClose,
}: {
  designer: Designer;
  limit: LimitId;
  onClose: () => void;
}): ReactNode {
  const { session, context, edit } = designer;
  const begin = useCallback(() => kinderTo(session, context, limit), [session, context, limit]);
  const mended = useSearch(begin);
  return (
    <Dialog title={`Kinder to ${limitNames[limit]}`} isOpen onClose={onClose} widthPx={500}>
      {() => (
        <Told>
          <div role="status">
            {mended === undefined && <Progress says="Trying gentler settings" />}
            {mended === null && <p>Nothing here meets it.</p>}
            {mended && (
              <>
                <ul>
                  {mended.steps.map((step, i) => (
                    <li key={i}>{step}</li>
                  ))}
                </ul>
                {mended.left.length > 0 && <p>Not mended: {mended.left.join(' ')}</p>}
              </>
            )}
          </div>
          <p className="soft">
            Common practice. It defers to whoever treats the client; pain is a reason to stop, not to adapt.
          </p>
          <DialogFeet>
            <Button
              kind="strong"
              isDisabled={!mended || mended.steps.length === 0}
              onPress={() => {
                if (mended) edit(mended.edit, `make it kinder to ${limitNames[limit]}`);
                onClose();
              }}
            >
              Change it so
            </Button>
            <Button onPress={onClose}>Leave it as it is</Button>
          </DialogFeet>
        </Told>
      )}
    </Dialog>
  );
}
