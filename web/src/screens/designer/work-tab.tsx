import { gearOf } from '@drimbo/core/loads';
import { notchesOf } from '@drimbo/core/kit';
import { bodyOf, type MeasuredLine } from '@drimbo/core/measure';
import { useMemo, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { notchesFor } from '../set-up/set-up-view';
import { WorkView } from '../set-up/work-view';

/** Curves and effort of the selected line at its first load. */
export function WorkTab({ line, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const { context } = designer;
  const body = useMemo(() => bodyOf(context), [context]);
  const known = line.sets[0]?.kg ?? null;
  const { kit } = context;
  const gear = useMemo(() => gearOf(kit, line.line.hung), [kit, line.line.hung]);
  return (
    <WorkView
      movement={line.movement}
      rig={line.rig}
      body={body}
      notches={notchesFor(line.movement, notchesOf(kit))}
      wanted={context.client.lagging}
      onNotch={(benchDeg) =>
        designer.edit(
          { do: 'line', line: line.id, patch: { rig: { ...line.rig, benchDeg } } },
          `bench of ${line.name.toLowerCase()} to ${benchDeg}°`,
        )
      }
      loadKg={known ?? 20}
      gear={gear}
      loadIs={known === null ? '20 kg as an example' : 'the load of the first set'}
    />
  );
}
