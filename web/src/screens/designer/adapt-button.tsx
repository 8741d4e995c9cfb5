import { UserRoundPen } from 'lucide-react';
import { lazy, type ReactNode } from 'react';
import { Late } from '../../parts/late';
import type { Designer } from '../../state/use-designer';

const Adapt = lazy(() => import('./adapt').then((m) => ({ default: m.Adapt })));

/** The way to a session adapted to somebody else, less time or another gym; fetched when it is asked for. */
export function AdaptButton({ designer }: { designer: Designer }): ReactNode {
  return (
    <Late
      render={(button) => <Adapt designer={designer} button={button} />}
      button={{ kind: 'quiet', isDisabled: designer.session.blocks.length === 0 }}
    >
      <UserRoundPen size={15} aria-hidden /> Adapt
    </Late>
  );
}
