import { changesAlong, gearOf, loadAlong, loadCurve } from '@drimbo/core/loads';
import { bodyOf, clientMax, type MeasuredLine } from '@drimbo/core/measure';
import { roughMass } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Designer } from '../../state/use-designer';
import { LoadCurve } from '../../drawings/load-curve';
import { Select } from '../../parts/select';
import { useWidth } from '../../drawings/use-width';

/** What chains or bands make of the first set's load, and which of the gym's hang from the bar. */
export function Along({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const [ref, width] = useWidth<HTMLDivElement>(300);
  const { context, session } = designer;
  const kg = m.sets[0]?.kg ?? null;
  if (kg === null || !changesAlong(m.rig)) return null;
  const { unit } = context.client;
  const added = m.rig.added!;
  const gear = gearOf(context.kit, m.line.hung);
  const body = bodyOf(context);
  const along = loadAlong(m.movement, m.rig, kg, body, gear);
  if (!along) return null;
  const plain = clientMax(m.movement, { ...m.rig, added: 'nothing' }, context);
  const here = added === 'chains' ? (context.kit.chains ?? []) : (context.kit.bands ?? []);
  const chosen = here.find((g) => g.id === m.line.hung?.of) ?? here[0];
  const most = added === 'chains' ? (context.kit.chains?.find((c) => c.id === chosen?.id)?.aSide ?? 1) : 4;
  const aSide = Math.min(most, m.line.hung?.aSide ?? (added === 'chains' ? most : 1));
  const hang = (hung: { of: string; aSide: number }): void =>
    designer.edit(
      { do: 'line', line: m.id, patch: { hung } },
      `${added} of ${m.name.toLowerCase()}`,
      `hung ${m.id}`,
    );
  const told = (x: number): string => roughMass(x, unit);
  return (
    <div ref={ref} style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 6 }}>
      <h3>With {added}</h3>
      {chosen ? (
        <div style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
          <Select
            small
            label="Hung with"
            labelPlace="before"
            value={chosen.id}
            options={here.map((g) => [g.id, g.name.toLowerCase()])}
            onChange={(of) => of && hang({ of, aSide: 1 })}
          />
          <Select
            small
            label="How many a side"
            labelPlace="unseen"
            value={String(aSide)}
            options={Array.from({ length: most }, (_, i) => [String(i + 1), `${i + 1} a side`])}
            onChange={(n) => hang({ of: chosen.id, aSide: Number(n) })}
          />
        </div>
      ) : (
        <p>
          {context.kit.name} has no {added} written down; those of a common gauge are taken.{' '}
          <Link to={`/kit/${session.kitId}`}>Write them down</Link>
        </p>
      )}
      <p data-testid="along">
        The first set weighs {told(along.bottom)} at the bottom, {told(along.middle)} half-way,{' '}
        {told(along.top)} at the top.
      </p>
      {plain.basis !== 'calibrate' && (
        <LoadCurve
          curve={loadCurve(m.movement, m.rig, kg, body, gear, plain.kg)}
          barKg={kg}
          added={added}
          unit={unit}
          widthPx={Math.max(220, Math.floor(width))}
        />
      )}
    </div>
  );
}
