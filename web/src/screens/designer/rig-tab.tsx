import { loadText } from '@drimbo/core/formats/sheet';
import { gearOf } from '@drimbo/core/loads/along-the-range';
import { notchesOf } from '@drimbo/core/kit/kit';
import type { MeasuredLine } from '@drimbo/core/measure/model';
import { bodyOf } from '@drimbo/core/measure/context';
import { useMemo, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { notchesFor, RigView } from '../rig/rig-view';
import { WorkView } from '../rig/work-view';

interface TabProps {
  line: MeasuredLine;
  designer: Designer;
}

const useBody = ({ context }: Designer) => useMemo(() => bodyOf(context), [context]);

/** The rig of the selected line; turning a knob edits the line. */
export function RigTab({ line, designer, heightPx }: TabProps & { heightPx: number }): ReactNode {
  const { client, kit } = designer.context;
  const body = useBody(designer);
  return (
    <RigView
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

/** Curves and effort of the selected line at its first load. */
export function WorkTab({ line, designer }: TabProps): ReactNode {
  const body = useBody(designer);
  const known = line.sets[0]?.kg ?? null;
  const { kit } = designer.context;
  const gear = useMemo(() => gearOf(kit, line.line.hung), [kit, line.line.hung]);
  return (
    <WorkView
      movement={line.movement}
      rig={line.rig}
      body={body}
      notches={notchesFor(line.movement, notchesOf(kit))}
      wanted={designer.context.client.lagging}
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
