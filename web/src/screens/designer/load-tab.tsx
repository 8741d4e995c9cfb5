import type { LoadedSet } from '@drimbo/core/loads';
import { clientMax, type MeasuredLine, setsCounted, standingOf } from '@drimbo/core/measure';
import { entryIn } from '@drimbo/core/movements';
import { type Line, repSeconds, repsText } from '@drimbo/core/session';
import { formulaName, USUAL_REP_S } from '@drimbo/core/strength';
import { massFigure, massRange, massText, type MassUnit, roughMass } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { PlateSleeve } from '../../drawings/plate-sleeve';
import { Button } from '../../parts/button';
import { ink, size } from '../../look/theme';
import { Along } from './along';
import { Cell } from '../../parts/cell';
import { readLoads } from './reading';
import { standingWords } from './standing';
import { SetWorth } from './set-worth';
import { SchemeForm } from './scheme-form';

const Body = styled.div`
  padding: 8px 12px 12px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 9px;
  font-size: ${size.small};
  h3 {
    font-size: ${size.small};
    font-weight: 650;
  }
  p {
    color: ${ink.soft};
  }
  table {
    border-collapse: collapse;
    width: 100%;
  }
  th {
    text-align: left;
    font-weight: 420;
    color: ${ink.soft};
    font-size: ${size.fine};
    padding: 1px 4px;
  }
  td {
    padding: 1px 4px;
    border-top: 1px solid ${ink.hush};
  }
`;

const basisWords = {
  tested: 'tested',
  'from sets': 'from logged sets',
  borrowed: 'borrowed from a related lift',
  calibrate: 'nothing to go by yet',
};

/** What is said where there is no max to start from. */
const nothingKnown: Record<MeasuredLine['movement']['load']['kind'], string> = {
  external:
    'Nothing to go by yet: no test, no logged set, no honest ratio from another lift. The first set finds the load: start light, stop at the target reserve, log it.',
  bodyweight:
    'The body is the load. How many repetitions come is not known yet: stop at the target reserve and log the set.',
  none: 'No load is chosen for it: it is done for range and control.',
};

/** What a load that is a share of another lift's max rests on. */
function shareWords({ lift, percent }: NonNullable<Line['percentOf']>, { context }: Designer): string {
  const entry = entryIn(context.notebook, lift);
  if (!entry)
    return 'The lift it should be a percentage of is no longer there; the load follows its own reps.';
  const name = entry.name.toLowerCase();
  const max = clientMax(entry.movement, entry.rig, context);
  return max.basis === 'calibrate'
    ? `Nothing is known of the ${name} yet, so the load follows its own reps and reserve.`
    : `The load is ${percent} % of the ${name}: ${roughMass(max.kg, context.client.unit)} today, ${basisWords[max.basis]}. Both hands are counted together; reps and reserve are what to expect of it.`;
}

const EIGHTY = 1.2816;

/** Both ends of an 80 % band of a max. */
const bandWords = (max: { kg: number; spread: number }, unit: MassUnit): string =>
  massRange(max.kg * Math.exp(-EIGHTY * max.spread), max.kg * Math.exp(EIGHTY * max.spread), unit);

/** "10, leaves 2 (8–12)"; what lies beyond what anybody judges is told as that. */
function expectedWords({ expectedReps, expectedReserve, likely }: LoadedSet): string {
  const left = expectedReserve! > 10 ? '10+' : String(Math.round(expectedReserve! * 2) / 2);
  const reps = expectedReps! > 40 ? '40+' : expectedReps;
  const range = likely && likely.lo !== likely.hi ? ` (${likely.lo}–${Math.min(40, likely.hi)})` : '';
  return `${reps}, leaves ${left}${range}`;
}

const figure = (n: number): string => String(Number(n.toFixed(1)));

/** What the loads of a line rest on, set by set, and where the coach may say otherwise. */
export function LoadTab({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const { client, kit } = designer.context;
  const { unit } = client;
  const { max } = m;
  const { prescribed, counted } = setsCounted(m, designer.appraisal.school);
  const fitted = m.sets.find(
    (s) => !s.byHand && s.wishKg !== null && s.able !== null && Math.abs(s.reserveShift) >= 0.5,
  );
  const putLoad = (loadKg: MeasuredLine['line']['loadKg']): void =>
    designer.edit(
      { do: 'line', line: m.id, patch: { loadKg } },
      `load of ${m.name.toLowerCase()}`,
      `load ${m.id}`,
    );
  const setLoad = (i: number, kg: number): void =>
    putLoad(m.sets.map((s, n) => (n === i ? kg : (s.kg ?? s.nearestKg ?? 0))));
  return (
    <Body>
      <SchemeForm line={m} designer={designer} />
      <div>
        <h3>Why this load</h3>
        {max.basis === 'calibrate' ? (
          <p>{nothingKnown[m.movement.load.kind]}</p>
        ) : (
          <>
            <p>
              Max today about {roughMass(max.kg, unit)} ({bandWords(max, unit)}), {basisWords[max.basis]}
              {client.formula === 'median' ? '' : `, by ${formulaName(client.formula)} up to 15 reps`}. A
              model&apos;s estimate.
              {m.sets[0] && m.sets[0].loss > 0.01
                ? ` Sets before take ${Math.round(m.sets[0].loss * 100)} % off it.`
                : ''}
            </p>
            <table>
              <tbody>
                {max.terms.slice(0, 4).map((t) => (
                  <tr key={t.says}>
                    <td>{t.says}</td>
                    <td style={{ textAlign: 'right', whiteSpace: 'nowrap' }}>{roughMass(t.kg, unit)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
        {m.line.percentOf && <p>{shareWords(m.line.percentOf, designer)}</p>}
        {m.pace > 1 && max.basis !== 'calibrate' && (
          <p>
            A repetition of {repSeconds(m.line.tempo)} s counts as {Number(m.pace.toFixed(2))} ordinary ones
            of {USUAL_REP_S} s, so the load is lighter. A model&apos;s estimate; slow work is commonly 15 to
            30 % lighter.
          </p>
        )}
        {m.beside.length > 0 && !m.sets[0]?.byHand && (
          <p>
            <b>No load here comes near what is asked.</b>{' '}
            {m.beside
              .map(
                (b) =>
                  `${massText(b.kg, unit)} would bring ${b.reps}, leaving ${b.left > 10 ? '10+' : Math.round(b.left)}`,
              )
              .join('; ')}
            . More or fewer reps, slower or paused ones, or another implement come nearer.
          </p>
        )}
        {fitted && (
          <p>
            The middle of the range would take {roughMass(fitted.wishKg!, unit)}. Of what {kit.name} makes,{' '}
            {massText(fitted.kg!, unit)} misses least of what is asked: {expectedWords(fitted)}.
          </p>
        )}
      </div>
      <table>
        <thead>
          <tr>
            <th>Set</th>
            <th>Reps</th>
            <th>Leave</th>
            <th>Load, {unit}</th>
            <th>Expected (likely)</th>
          </tr>
        </thead>
        <tbody>
          {m.sets.map((s, i) => (
            <tr key={i}>
              <td style={{ whiteSpace: 'nowrap' }}>
                {s.target.set + 1}
                {s.target.stage > 0 && <span style={{ color: ink.soft }}> +{s.target.stage}</span>}
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>
                {s.target.holdS !== undefined
                  ? `${s.target.holdS} s`
                  : s.target.open || s.target.toFailure
                    ? 'as come'
                    : repsText(s.target.reps)}
              </td>
              <td>{Number(s.target.reserve.toFixed(1))}</td>
              <td style={{ width: 74 }}>
                <Cell
                  label={`Load of set ${i + 1}, ${m.name}`}
                  testId="set-load"
                  text={s.kg === null ? '—' : massFigure(s.kg, unit)}
                  read={(t) => {
                    const r = readLoads(t, unit);
                    return r && typeof r.loadKg === 'number' ? r.loadKg : null;
                  }}
                  hint={`One load in ${unit}`}
                  take={(kg) => setLoad(i, kg)}
                  mark={() => () => putLoad(m.line.loadKg)}
                />
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>
                {s.noLighter ? 'nothing lighter here' : s.expectedReps === null ? '—' : expectedWords(s)}
                {standingOf(s, designer.appraisal.school) !== 'counts' && (
                  <b> {standingWords[standingOf(s, designer.appraisal.school)]}</b>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {counted < prescribed - 0.01 && (
        <p>
          {figure(prescribed)} hard {prescribed === 1 ? 'set is' : 'sets are'} written, {figure(counted)}{' '}
          expected to count: a set counts by what is done and what is left, up to{' '}
          {designer.appraisal.school.counting.hardReserve} repetitions.
        </p>
      )}
      <SetWorth line={m} designer={designer} />
      <Along line={m} designer={designer} />
      {m.sets[0]?.perSide && (
        <div>
          <h3>{m.sets[0].oneEnd ? 'On the free end of the bar' : 'On each side of the bar'}</h3>
          {[...m.ramps, { ...m.sets[0], kg: m.sets[0].kg!, reps: null }].map((r, i) => (
            <div key={i} style={{ display: 'flex', alignItems: 'center', gap: 8 }}>
              <span style={{ width: 92, fontWeight: r.reps === null ? 650 : 420 }}>
                {massText(r.kg, unit)}
                {r.reps === null ? '' : ` × ${r.reps}`}
              </span>
              <PlateSleeve perSide={r.perSide ?? []} oneEnd={r.oneEnd} unit={unit} heightPx={34} />
            </div>
          ))}
        </div>
      )}
      {m.ramps.length > 0 && !m.sets[0]?.perSide && (
        <p>Ramp: {m.ramps.map((r) => `${massText(r.kg, unit)} × ${r.reps}`).join(', ')}.</p>
      )}
      {m.line.loadKg !== null && (
        <Button
          small
          onPress={() =>
            designer.edit(
              { do: 'line', line: m.id, patch: { loadKg: null } },
              `compute the load of ${m.name.toLowerCase()}`,
            )
          }
        >
          Use the computed load
        </Button>
      )}
    </Body>
  );
}
