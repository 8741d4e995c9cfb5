import { makeableLoads } from '@drimbo/core/kit/fitting';
import { gearOf, loadAlong, loadCurve } from '@drimbo/core/loads/along-the-range';
import { rampSets, type RampStyle } from '@drimbo/core/loads/ramp';
import { sharesOfMax } from '@drimbo/core/loads/shares';
import { landmineBar, landmineLever, leverForce } from '@drimbo/core/mechanics/changing-loads';
import { GRAVITY } from '@drimbo/core/mechanics/statics';
import { findEntry } from '@drimbo/core/movements/catalogue';
import {
  estimateError,
  estimatedMax,
  formulaIds,
  formulaName,
  isRough,
  MOST_REPS,
} from '@drimbo/core/strength/formulas';
import { massText, toKg, type MassUnit } from '@drimbo/core/units/mass';
import { useEffect, type ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { useSomeone } from '../../data/someone';
import { LoadCurve } from '../../drawing/load-curve';
import { PlateSleeve } from '../../drawing/plate-sleeve';
import { SheetsPage } from '../../look/lists';
import { Blank, Choice, Field, Label, Sheet, SheetHead, Title } from '../../look/parts';
import { Body, Rows } from '../kit/parts';
import { readFigure } from '../kit/read';

const percents = [100, 95, 90, 85, 80, 75, 70, 65, 60, 50, 40];
const bench = findEntry('barbell-bench-press')!;
const chained = findEntry('bench-press-with-chains')!;
const angles = [20, 35, 50, 65];

const repsWords = (reps: number): string =>
  reps < 1.5 ? '1' : reps >= MOST_REPS ? `${MOST_REPS} or more` : `about ${Math.round(reps)}`;

/** Weights and plates without a client's plan: a max from a set, its shares on a bar, a ramp, chains, a landmine. */
export function LoadsScreen(): ReactNode {
  const [asked, ask] = useSearchParams();
  const someone = useSomeone(asked.get('client'), asked.get('kit'));
  useEffect(() => {
    document.title = 'Loads · Drimbo';
  }, []);
  const { kit, body } = someone;
  if (!kit) return <Blank title="Opening the loads…" />;

  const unit: MassUnit =
    asked.get('unit') === 'lb' || asked.get('unit') === 'kg'
      ? (asked.get('unit') as MassUnit)
      : (someone.context?.client.unit ?? kit.unit);
  const put = (key: string, value: string): void =>
    ask(
      (old) => {
        const next = new URLSearchParams(old);
        if (value === '') next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const given = {
    load: asked.get('load') ?? '',
    reps: asked.get('reps') ?? '',
    left: asked.get('left') ?? '0',
  };
  const load = readFigure(0.5, 1000)(given.load);
  const reps = readFigure(1, MOST_REPS)(given.reps);
  const left = readFigure(0, 10)(given.left) ?? (given.left === '' ? 0 : null);
  const counted = reps !== null && left !== null ? reps + left : null;
  const wrong =
    given.load === '' && given.reps === ''
      ? ''
      : given.load !== '' && load === null
        ? 'The load is a figure above 0.'
        : given.reps !== '' && (reps === null || !Number.isInteger(reps))
          ? `Reps are a whole number from 1 to ${MOST_REPS}.`
          : left === null
            ? 'What was left is a figure from 0 to 10.'
            : counted !== null && counted > MOST_REPS
              ? `Reps and what was left may come to ${MOST_REPS}; beyond that no max can be told.`
              : '';
  const known = load !== null && counted !== null && wrong === '' && left !== null && reps !== null;
  const loadKg = load === null ? 0 : toKg(load, unit);
  const maxKg = known ? estimatedMax(loadKg, reps, left) : null;
  const work = Number(asked.get('work') ?? 80);
  const loads = makeableLoads(kit, bench.movement);
  const shares = maxKg === null ? [] : sharesOfMax(maxKg, percents, loads);
  const working = maxKg === null ? undefined : sharesOfMax(maxKg, [work], loads)[0];
  const ramp = working
    ? rampSets(loads, working.made.kg, 'barbell', true, (asked.get('ramp') as RampStyle | null) ?? 'ladder')
    : [];
  const gear = gearOf(kit);
  const along = working ? loadAlong(chained.movement, chained.rig, working.made.kg, body, gear) : null;
  const short = (kg: number): string => massText(Number(kg.toFixed(1)), unit);

  return (
    <SheetsPage $columns="minmax(0, 0.85fr) minmax(0, 1.25fr) minmax(0, 1fr)">
      <header>
        <Title>Loads</Title>
        <p>From a set to a max, to the plates on a bar. Nothing here is kept with a client.</p>
      </header>
      <div className="sheets">
        <Sheet>
          <SheetHead>
            <h2>Max from a set</h2>
            <span>an estimate</span>
          </SheetHead>
          <Body>
            <div style={{ display: 'grid', gridTemplateColumns: '1.2fr 1fr 1fr 1fr', gap: 6 }}>
              <Label>
                Load
                <Field inputMode="decimal" value={given.load} onChange={(e) => put('load', e.target.value)} />
              </Label>
              <Label>
                in
                <Choice value={unit} onChange={(e) => put('unit', e.target.value)}>
                  <option>kg</option>
                  <option>lb</option>
                </Choice>
              </Label>
              <Label>
                Reps
                <Field inputMode="numeric" value={given.reps} onChange={(e) => put('reps', e.target.value)} />
              </Label>
              <Label>
                Left
                <Field inputMode="decimal" value={given.left} onChange={(e) => put('left', e.target.value)} />
              </Label>
            </div>
            {wrong && <p role="alert">{wrong}</p>}
            {maxKg === null ? (
              !wrong && <p>Give the load and the reps of a set, and how many were left in it.</p>
            ) : (
              <>
                <p data-testid="max" style={{ fontSize: 15 }}>
                  <b>{short(maxKg)}</b> ± {Math.round(estimateError(counted!) * 100)} %, the median of seven
                  formulas.
                  {isRough(counted!) && ' So many repetitions make it rough.'}
                </p>
                <Rows>
                  <tbody>
                    {formulaIds.map((id) => (
                      <tr key={id}>
                        <td>{formulaName(id)}</td>
                        <td style={{ textAlign: 'right' }}>
                          {short(estimatedMax(loadKg, reps!, left!, id))}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </Rows>
              </>
            )}
            <Label>
              On the kit of
              <Choice value={someone.kitId} onChange={(e) => put('kit', e.target.value)}>
                {someone.kits.map((k) => (
                  <option key={k.id} value={k.id}>
                    {k.document.name}
                  </option>
                ))}
              </Choice>
            </Label>
            <Label>
              On the body of
              <Choice value={asked.get('client') ?? ''} onChange={(e) => put('client', e.target.value)}>
                <option value="">a middling body, 1.75 m, 80 kg</option>
                {someone.clients.map((c) => (
                  <option key={c.id} value={c.id}>
                    {c.name}
                  </option>
                ))}
              </Choice>
            </Label>
          </Body>
        </Sheet>
        <Sheet>
          <SheetHead>
            <h2>Shares of it on a bar</h2>
            <span>plates on each side</span>
          </SheetHead>
          <Body>
            {loads.length === 0 && (
              <p>{kit.name} has no straight bar; choose another kit or add one there.</p>
            )}
            {loads.length > 0 && shares.length === 0 && <p>They appear with a max.</p>}
            {shares.length > 0 && (
              <Rows>
                <thead>
                  <tr>
                    <th scope="col">Share</th>
                    <th scope="col">Load</th>
                    <th scope="col">Reps</th>
                    <th scope="col">Plates</th>
                  </tr>
                </thead>
                <tbody>
                  {shares.map((s) => (
                    <tr key={s.percent}>
                      <td>{s.percent} %</td>
                      <td style={{ whiteSpace: 'nowrap' }}>
                        <b>{massText(s.made.kg, unit)}</b>
                      </td>
                      <td>{repsWords(s.reps)}</td>
                      <td>
                        <PlateSleeve perSide={s.made.perSide ?? []} unit={kit.unit} heightPx={32} />
                      </td>
                    </tr>
                  ))}
                </tbody>
              </Rows>
            )}
          </Body>
        </Sheet>
        <div style={{ display: 'grid', gap: 10 }}>
          <Sheet>
            <SheetHead>
              <h2>Ramp to a working set</h2>
              <span>fewest plate moves</span>
            </SheetHead>
            <Body>
              <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 6 }}>
                <Label>
                  Work at
                  <Choice value={work} onChange={(e) => put('work', e.target.value)}>
                    {percents.map((p) => (
                      <option key={p} value={p}>
                        {p} %
                      </option>
                    ))}
                  </Choice>
                </Label>
                <Label>
                  Way up
                  <Choice value={asked.get('ramp') ?? 'ladder'} onChange={(e) => put('ramp', e.target.value)}>
                    <option value="ladder">rising loads</option>
                    <option value="two sets">two sets of 12–15</option>
                  </Choice>
                </Label>
              </div>
              {working ? (
                <Rows>
                  <tbody>
                    {ramp.map((r) => (
                      <tr key={r.kg}>
                        <td style={{ whiteSpace: 'nowrap' }}>
                          {massText(r.kg, unit)} × {r.reps}
                        </td>
                        <td>
                          <PlateSleeve perSide={r.perSide ?? []} unit={kit.unit} heightPx={32} />
                        </td>
                      </tr>
                    ))}
                    <tr>
                      <td>
                        <b>{massText(working.made.kg, unit)}</b>
                      </td>
                      <td>
                        <PlateSleeve perSide={working.made.perSide ?? []} unit={kit.unit} heightPx={32} />
                      </td>
                    </tr>
                  </tbody>
                </Rows>
              ) : (
                <p>It appears with a max.</p>
              )}
            </Body>
          </Sheet>
          <Sheet>
            <SheetHead>
              <h2>With chains</h2>
              <span>flat bench, {body.statureM.toFixed(2)} m tall</span>
            </SheetHead>
            <Body>
              {along && working ? (
                <>
                  <Rows>
                    <thead>
                      <tr>
                        <th scope="col">On the chest</th>
                        <th scope="col">Half-way</th>
                        <th scope="col">Locked out</th>
                      </tr>
                    </thead>
                    <tbody>
                      <tr>
                        <td>{short(along.bottom)}</td>
                        <td>{short(along.middle)}</td>
                        <td>{short(along.top)}</td>
                      </tr>
                    </tbody>
                  </Rows>
                  <p>
                    {massText(working.made.kg, unit)} on the bar and{' '}
                    {kit.chains?.[0] ? kit.chains[0].name.toLowerCase() : 'one usual chain a side'}: what
                    hangs counts, what lies on the floor does not.
                  </p>
                  <LoadCurve
                    curve={loadCurve(chained.movement, chained.rig, working.made.kg, body, gear, maxKg!)}
                    barKg={working.made.kg}
                    added="chains"
                    unit={unit}
                    widthPx={300}
                  />
                </>
              ) : (
                <p>What the bar weighs on the chest and locked out appears with a max.</p>
              )}
            </Body>
          </Sheet>
          <Sheet>
            <SheetHead>
              <h2>On a landmine</h2>
              <span>what the hand holds</span>
            </SheetHead>
            <Body>
              <Label>
                Plates on the end, {unit}
                <Field
                  inputMode="decimal"
                  value={asked.get('plates') ?? ''}
                  onChange={(e) => put('plates', e.target.value)}
                />
              </Label>
              <Landmine plates={readFigure(0, 300)(asked.get('plates') ?? '0')} unit={unit} says={short} />
            </Body>
          </Sheet>
        </div>
      </div>
    </SheetsPage>
  );
}

function Landmine({
  plates,
  unit,
  says,
}: {
  plates: number | null;
  unit: MassUnit;
  says: (kg: number) => string;
}): ReactNode {
  if (plates === null) return <p role="alert">Plates are a figure from 0 to 300.</p>;
  const lever = landmineLever(landmineBar.barKg + toKg(plates, unit));
  return (
    <>
      <Rows>
        <thead>
          <tr>
            {angles.map((a) => (
              <th scope="col" key={a}>
                bar at {a}°
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            {angles.map((a) => (
              <td key={a}>{says(leverForce(lever, a) / GRAVITY)}</td>
            ))}
          </tr>
        </tbody>
      </Rows>
      <p>
        A {massText(landmineBar.barKg, unit)} bar {landmineBar.barM} m long: it lightens as it rises.
      </p>
    </>
  );
}
