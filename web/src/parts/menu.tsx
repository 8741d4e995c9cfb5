import { lazy, Suspense, type ReactNode } from 'react';
import type { MenuGroup } from './menu-model';
import { Arrived, useOpener } from './opener';

const Open = lazy(() => import('./menu-open').then((m) => ({ default: m.OpenMenu })));

/**
 * Things to do, behind one button; under headings where there are several kinds.
 *
 * @example <Menu label="Copy" trigger={<Button>Copy</Button>} groups={[{ items: [{ id: 'a', words: 'For Ada', does: copy }] }]} />
 */
export function Menu({
  trigger,
  label,
  groups,
  isOpenFirst = false,
}: {
  trigger: ReactNode;
  label: string;
  groups: readonly MenuGroup[];
  /** Open as soon as it is there. */
  isOpenFirst?: boolean;
}): ReactNode {
  const { button, isAsked, ...anchored } = useOpener(trigger, 'menu', { isOpenFirst });
  return (
    <>
      {button}
      <Suspense fallback={null}>
        {isAsked && (
          <>
            <Open label={label} groups={groups} {...anchored} />
            <Arrived />
          </>
        )}
      </Suspense>
    </>
  );
}
