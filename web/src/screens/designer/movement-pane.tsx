import { lazy, useEffect, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { useWidth } from '../../drawings/use-width';
import { narrow, size } from '../../look/theme';
import { Blank } from '../../parts/blank';
import { Tabs } from '../../parts/tabs';
import type { Designer } from '../../state/use-designer';
import { drawsAgain, work } from './draws-again';
import { Pane } from './pane';
import { SetUpTab } from './set-up-tab';

const WorkTab = lazy(() => import('./work-tab').then((m) => ({ default: m.WorkTab })));
const LoadTab = lazy(() => import('./load-tab').then((m) => ({ default: m.LoadTab })));
const CuesTab = lazy(() => import('./cues-tab').then((m) => ({ default: m.CuesTab })));
const SwapTab = lazy(() => import('./swap-tab').then((m) => ({ default: m.SwapTab })));

const MovementName = styled.h2`
  font-size: ${size.small};
  font-weight: 650;
  ${narrow}
  padding-bottom: 1px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
`;
export type MovementTab = 'set-up' | 'work' | 'load' | 'cues' | 'swap';

function MovementPanel({
  designer,
  tab,
  setTab,
}: {
  designer: Designer;
  tab: MovementTab;
  setTab: (tab: MovementTab) => void;
}): ReactNode {
  const m = designer.appraisal.lines.find((l) => l.id === designer.selected);
  const [paneRef] = useWidth<HTMLDivElement>(340);
  const [height, setHeight] = useState(220);
  useEffect(() => {
    const pane = paneRef.current;
    if (!pane) return;
    const watcher = new ResizeObserver(([e]) =>
      setHeight(Math.max(150, Math.min(420, e!.contentRect.height - 298))),
    );
    watcher.observe(pane);
    return () => watcher.disconnect();
  }, [paneRef]);
  if (!m)
    return (
      <Pane>
        <Blank title="No movement chosen">
          <p>
            Type one below the line-up (A) or pick one from the catalogue (M). Its drawing, its loads and its
            cues appear here.
          </p>
        </Blank>
      </Pane>
    );
  return (
    <Pane ref={paneRef} aria-label={`Set-up of ${m.name}`}>
      <Tabs
        label="About this movement"
        head={<MovementName title={m.name}>{m.name}</MovementName>}
        value={tab}
        onChange={setTab}
        tabs={[
          {
            id: 'set-up',
            name: 'Set-up',
            shows: () => <SetUpTab line={m} designer={designer} heightPx={height} />,
          },
          { id: 'work', name: 'Work', shows: () => <WorkTab line={m} designer={designer} /> },
          { id: 'load', name: 'Load', shows: () => <LoadTab line={m} designer={designer} /> },
          { id: 'cues', name: 'Cues', shows: () => <CuesTab key={m.id} line={m} designer={designer} /> },
          { id: 'swap', name: 'Swap', shows: () => <SwapTab key={m.id} line={m} designer={designer} /> },
        ]}
      />
    </Pane>
  );
}

/** Everything about the chosen movement, one matter at a time. */
export const MovementPane = drawsAgain(MovementPanel, ...work);
