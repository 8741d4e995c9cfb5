import { warmupSeconds } from '@drimbo/core/clock';
import { lazy, Suspense, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { nameOf, warmupDose } from './warm-up-words';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { Button } from '../../parts/button';
import { Popover } from '../../parts/popover';
import { ink, narrow, size } from '../../look/theme';

const Inside = lazy(() => import('./warm-up-inside').then((m) => ({ default: m.WarmUpInside })));

const Strip = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 3px 8px 3px 12px;
  border-bottom: 1px solid ${ink.hush};
  font-size: ${size.fine};
  color: ${ink.soft};
  .list {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    ${narrow}
  }
`;
function WarmUpPane({
  designer,
  isOpen,
  setOpen,
}: {
  designer: Designer;
  /** Opened by a key too, where the designer says so. */
  isOpen?: boolean;
  setOpen?: (isOpen: boolean) => void;
}): ReactNode {
  const { session } = designer;
  const total = session.warmup.reduce((t, w) => t + warmupSeconds(w), 0);
  return (
    <Strip>
      <span className="list">
        <b>Warm-up</b>{' '}
        {session.warmup.length === 0
          ? 'none yet'
          : session.warmup.map((w) => `${nameOf(w).toLowerCase()} ${warmupDose(w)}`).join(', ')}
        {total > 0 && ` · ${Math.round(total / 60)} min`}
      </span>
      <Popover
        title="Warm-up"
        widthPx={430}
        {...(isOpen === undefined ? {} : { isOpen })}
        {...(setOpen ? { onOpenChange: setOpen } : {})}
        trigger={
          <Button small kind="quiet">
            Edit warm-up
          </Button>
        }
      >
        {() => (
          <Suspense fallback={null}>
            <Inside designer={designer} />
          </Suspense>
        )}
      </Popover>
    </Strip>
  );
}

/** The warm-up in one line, and where it is edited. */
export const WarmUp = drawsAgain(WarmUpPane, ...work);
