import { sameJob } from '@drimbo/core/choosing';
import type { MeasuredLine } from '@drimbo/core/measure';
import { becoming } from '@drimbo/core/session';
import { useMemo, type ReactNode } from 'react';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Dialog } from '../../parts/dialog';
import { Told } from './told';

const HOW_MANY = 2;

/** Where a session happens: which movements share a station, and what to do instead when it is taken. */
export function StationsDialog({
  designer,
  onClose,
}: {
  designer: Designer;
  onClose: () => void;
}): ReactNode {
  const { appraisal, context, edit } = designer;
  const stations = useMemo(() => {
    const at = new Map<string, MeasuredLine[]>();
    for (const m of appraisal.lines) at.set(m.movement.station, [...(at.get(m.movement.station) ?? []), m]);
    return [...at].map(([station, lines]) => ({
      station,
      lines: lines.map((m) => ({
        m,
        instead: sameJob(m, context, { other: 'kit', kindTo: null }, 12)
          .filter(({ entry }) => entry.movement.station !== station)
          .slice(0, HOW_MANY),
      })),
    }));
  }, [appraisal.lines, context]);
  return (
    <Dialog title="Busy gym" isOpen onClose={onClose} widthPx={560}>
      {() => (
        <Told>
          <p className="soft">
            {stations.length} {stations.length === 1 ? 'station' : 'stations'} at {context.kit.name}. When one
            is taken, take the other movement there and now, or put it in for good.
          </p>
          {stations.map(({ station, lines }) => (
            <section key={station} aria-label={station}>
              <h3>
                {station}
                {lines.length > 1 && `, shared by ${lines.length}`}
              </h3>
              {lines.map(({ m, instead }) => (
                <p key={m.id}>
                  {m.name}
                  {instead.length === 0
                    ? ': nothing here does its job elsewhere; wait, or do it last.'
                    : ', or '}
                  {instead.map(({ entry }) => (
                    <Button
                      key={entry.id}
                      small
                      kind="quiet"
                      onPress={() =>
                        edit(
                          { do: 'line', line: m.id, patch: becoming(entry) },
                          `use ${entry.name.toLowerCase()}`,
                        )
                      }
                    >
                      {entry.name}
                    </Button>
                  ))}
                </p>
              ))}
            </section>
          ))}
        </Told>
      )}
    </Dialog>
  );
}
