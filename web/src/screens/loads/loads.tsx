import { makeableLoads } from '@drimbo/core/kit';
import { percentagesOfMax } from '@drimbo/core/loads';
import { findEntry } from '@drimbo/core/movements';
import { estimatedMax } from '@drimbo/core/strength';
import { useEffect, type ReactNode } from 'react';
import { useAsked } from '../../state/use-asked';
import { useSomeone } from '../../state/someone';
import { SheetsPage } from '../../parts/pages';
import { Blank } from '../../parts/blank';
import { Title } from '../../parts/sheet';
import { askedRamp, askedSet, askedPercentage, askedUnit, percents } from './asked';
import { WithChains } from './chains';
import { OnALandmine } from './landmine';
import { MaxFromSet } from './max-from-set';
import { Ramp } from './ramp';
import { Percentages } from './percentages';

const bench = findEntry('barbell-bench-press')!;

/** Weights and plates without a client's plan: a max from a set, its percentages on a bar, a ramp, chains, a landmine. */
export function LoadsScreen(): ReactNode {
  const { asked, ask } = useAsked();
  const someone = useSomeone(asked.get('client'), asked.get('kit'));
  useEffect(() => {
    document.title = 'Loads · Drimbo';
  }, []);
  const { kit, body } = someone;
  if (!kit) return <Blank title="Opening the loads…" />;

  const unit = askedUnit(asked, someone.context?.client.unit ?? kit.unit);
  const put = (key: string, value: string): void => ask({ [key]: value });
  const from = askedSet(asked, unit);
  const maxKg = from.set && estimatedMax(from.set.loadKg, from.set.reps, from.set.left);
  const share = askedPercentage(asked);
  const loads = makeableLoads(kit, bench.movement);
  const shares = maxKg === null ? [] : percentagesOfMax(maxKg, percents, loads);
  const working = shares.find((s) => s.percent === share)?.made;

  return (
    <SheetsPage $columns="minmax(0, 0.85fr) minmax(0, 1.25fr) minmax(0, 1fr)">
      <header>
        <Title>Loads</Title>
        <p>From a set to a max, to the plates on a bar. Nothing here is kept with a client.</p>
      </header>
      <div className="sheets">
        <MaxFromSet asked={from} unit={unit} someone={someone} clientId={asked.get('client')} put={put} />
        <Percentages kit={kit} unit={unit} hasBar={loads.length > 0} shares={shares} />
        <div style={{ display: 'grid', gap: 10 }}>
          <Ramp
            loads={loads}
            working={working}
            share={share}
            style={askedRamp(asked)}
            unit={unit}
            kitUnit={kit.unit}
            put={put}
          />
          <WithChains
            kit={kit}
            body={body}
            unit={unit}
            work={working && maxKg !== null ? { barKg: working.kg, maxKg } : null}
          />
          <OnALandmine typed={asked.get('plates') ?? ''} unit={unit} put={put} />
        </div>
      </div>
    </SheetsPage>
  );
}
