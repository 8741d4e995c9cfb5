import {
  type Body,
  type PressingRegion,
  pressingRegions,
  type RegionId,
  regions,
} from '@drimbo/core/anatomy';
import type { Movement, Rig } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import { NotchCurve, useNotches } from '../../drawings/notch-curve';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { ink, size } from '../../look/theme';

interface NotchChoiceProps {
  movement: Movement;
  rig: Rig;
  body: Body;
  /** As the coach says it. */
  loadKg: number;
  notches: readonly number[];
  /** Regions that lag: the first is asked about to begin with. */
  wanted: readonly RegionId[];
  widthPx: number;
  /** Takes a notch; without it the best is only told. */
  onNotch: ((benchDeg: number) => void) | undefined;
}

const isPressing = (id: RegionId): id is PressingRegion =>
  (pressingRegions as readonly string[]).includes(id);

/** This rig at every notch of this bench: a region's effort and credit, and the notch at which a set counts most for it. */
export function NotchChoice({
  movement,
  rig,
  body,
  loadKg,
  notches,
  wanted,
  widthPx,
  onNotch,
}: NotchChoiceProps): ReactNode {
  const [region, setRegion] = useState<PressingRegion>(wanted.find(isPressing) ?? 'pecUpper');
  const { marks, best } = useNotches(movement, rig, body, loadKg, notches, region);
  if (marks.length < 2) return null;
  return (
    <div>
      <div style={{ display: 'flex', alignItems: 'center', gap: 8 }}>
        <div style={{ fontSize: size.small, flex: 1 }}>
          <Select
            small
            label="At every notch"
            labelPlace="before"
            value={region}
            options={pressingRegions.map((id) => [id, regions[id].name.toLowerCase()])}
            onChange={(id) => id && setRegion(id)}
          />
        </div>
        {onNotch && best?.benchDeg != null && best.benchDeg !== rig.benchDeg && (
          <Button small onPress={() => onNotch(best.benchDeg!)}>
            Take {best.benchDeg}°
          </Button>
        )}
      </div>
      <NotchCurve
        movement={movement}
        rig={rig}
        body={body}
        loadKg={loadKg}
        marks={marks}
        best={best}
        region={region}
        widthPx={widthPx}
      />
      <p style={{ fontSize: size.fine, color: ink.soft }}>
        The line is the effort against the hardest-working region, a model&apos;s estimate; the figures under
        the notches are what one hard set counts, the coach&apos;s table. “Counts most” goes by the table,
        then by the effort.
      </p>
    </div>
  );
}
