import { loadText } from '@drimbo/core/formats';
import { notchesOf } from '@drimbo/core/kit';
import { bodyOf, type MeasuredLine } from '@drimbo/core/measure';
import { useMemo, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { notchesFor, SetUpView } from '../set-up/set-up-view';

/** The set-up of the chosen movement; turning a knob edits the line. */
export function SetUpTab({
  line,
  designer,
  heightPx,
}: {
  line: MeasuredLine;
  designer: Designer;
  heightPx: number;
}): ReactNode {
  const { context } = designer;
  const { client, kit } = context;
  const body = useMemo(() => bodyOf(context), [context]);
  return (
    <SetUpView
      movement={line.movement}
      rig={line.rig}
      name={line.name}
      load={loadText(line, client.unit)}
      body={body}
      notches={notchesFor(line.movement, notchesOf(kit))}
      tempo={line.line.tempo}
      heightPx={heightPx}
      pins={line.line.pins}
      onPin={(region, credit) => {
        const { [region]: _before, ...others } = line.line.pins ?? {};
        designer.edit(
          {
            do: 'line',
            line: line.id,
            patch: { pins: credit === null ? others : { ...others, [region]: credit } },
          },
          `pin a credit of ${line.name.toLowerCase()}`,
        );
      }}
      onTurn={(patch) =>
        designer.edit(
          { do: 'line', line: line.id, patch: { rig: { ...line.rig, ...patch } } },
          `set up ${line.name.toLowerCase()}`,
          `rig ${line.id} ${Object.keys(patch).join()}`,
        )
      }
    />
  );
}
