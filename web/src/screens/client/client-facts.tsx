import { pressingRegions, regions, type RegionId } from '@drimbo/core/anatomy/regions';
import type { Kit } from '@drimbo/core/kit/kit';
import { limitIds, mustAskFirst, type Client } from '@drimbo/core/session/client';
import { fromKg, toKg } from '@drimbo/core/units/mass';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { todayIso, type Stored } from '../../data/queries';
import { readFigure } from '../shared/read';
import { Act } from '../../parts/act';
import { Choice, Field, Label } from '../../parts/fields';
import { ink, size, voiceText } from '../../look/theme';

const Grid = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 9px 10px;
  padding: 4px 12px 14px;
  .wide {
    grid-column: 1 / -1;
  }
  fieldset {
    grid-column: 1 / -1;
    border: none;
    padding: 0;
    margin: 0;
    border-top: 1px solid ${ink.hush};
    padding-top: 8px;
  }
  legend {
    font-size: ${size.fine};
    color: ${ink.soft};
    float: left;
    width: 100%;
    padding-bottom: 4px;
  }
  .ticks {
    display: flex;
    flex-wrap: wrap;
    gap: 3px 12px;
    clear: both;
    font-size: ${size.small};
  }
  .ticks label {
    display: inline-flex;
    gap: 5px;
    align-items: center;
  }
  input[type='checkbox'] {
  }
`;

/** A number typed in place: what cannot be a number stays in the field and is not taken. */
function Amount({
  label,
  value,
  lo,
  hi,
  take,
  decimals = 0,
}: {
  label: string;
  value: number;
  lo: number;
  hi: number;
  take: (n: number) => void;
  decimals?: number;
}): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? String(Number(value.toFixed(decimals)));
  const read = readFigure(lo, hi);
  const wrong = typed !== null && read(typed) === null;
  return (
    <Label>
      {label}
      <Field
        inputMode="decimal"
        aria-invalid={wrong}
        value={text}
        onChange={(e) => {
          setTyped(e.target.value);
          const n = read(e.target.value);
          if (n !== null) take(n);
        }}
        onBlur={() => setTyped(null)}
      />
      {wrong && (
        <span role="alert" style={{ fontSize: size.fine }}>
          {lo} to {hi}
        </span>
      )}
    </Label>
  );
}

/** Everything about a client that loads, time and the review depend on. */
export function ClientFacts({
  client: c,
  kits,
  change,
}: {
  client: Client;
  kits: Stored<Kit>[];
  change: (patch: Partial<Client>) => void;
}): ReactNode {
  const toggle = (id: RegionId): void =>
    change({
      lagging: c.lagging.includes(id) ? c.lagging.filter((x) => x !== id) : [...c.lagging, id].slice(0, 6),
    });
  return (
    <Grid>
      <Label>
        Name
        <Field value={c.name} maxLength={80} onChange={(e) => change({ name: e.target.value })} />
      </Label>
      <Label>
        Training age
        <Choice
          value={c.trainingAge}
          onChange={(e) => change({ trainingAge: e.target.value as Client['trainingAge'] })}
        >
          <option>under 1 year</option>
          <option>1 to 3 years</option>
          <option>over 3 years</option>
        </Choice>
      </Label>
      <Amount
        label="Stature, cm"
        value={c.statureM * 100}
        lo={120}
        hi={230}
        take={(n) => change({ statureM: n / 100 })}
      />
      <Amount
        label={`Bodyweight, ${c.unit}`}
        decimals={1}
        value={fromKg(c.massKg, c.unit)}
        lo={Math.ceil(fromKg(35, c.unit))}
        hi={Math.floor(fromKg(250, c.unit))}
        take={(n) => change({ massKg: Number(toKg(n, c.unit).toFixed(2)) })}
      />
      <Amount
        label="Minutes a session"
        value={c.minutes}
        lo={15}
        hi={240}
        take={(n) => change({ minutes: Math.round(n) })}
      />
      <Amount
        label="Days a week"
        value={c.daysAWeek}
        lo={1}
        hi={7}
        take={(n) => change({ daysAWeek: Math.round(n) })}
      />
      <Label>
        Gym
        <Choice value={c.kitId} onChange={(e) => change({ kitId: e.target.value })}>
          {kits.map((k) => (
            <option key={k.id} value={k.id}>
              {k.document.name}
            </option>
          ))}
        </Choice>
      </Label>
      <Label>
        Loads in
        <Choice value={c.unit} onChange={(e) => change({ unit: e.target.value as Client['unit'] })}>
          <option value="kg">kilograms</option>
          <option value="lb">pounds</option>
        </Choice>
      </Label>
      <Label className="wide">
        Goal
        <Field value={c.goal} maxLength={120} onChange={(e) => change({ goal: e.target.value })} />
      </Label>
      <Label className="wide">
        Likes, and feels
        <Field value={c.likes} maxLength={200} onChange={(e) => change({ likes: e.target.value })} />
      </Label>
      <fieldset>
        <legend>Lags</legend>
        <div className="ticks">
          {pressingRegions.map((id) => (
            <label
              key={id}
              style={c.lagging.includes(id) ? { color: voiceText[regions[id].voice], fontWeight: 640 } : {}}
            >
              <input type="checkbox" checked={c.lagging.includes(id)} onChange={() => toggle(id)} />
              {regions[id].name.toLowerCase()}
            </label>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend>Has to mind</legend>
        <div className="ticks">
          {limitIds.map((limit) => {
            const on = c.limits.some((l) => l.limit === limit);
            return (
              <label key={limit}>
                <input
                  type="checkbox"
                  checked={on}
                  onChange={() =>
                    change({
                      limits: on
                        ? c.limits.filter((l) => l.limit !== limit)
                        : [...c.limits, { limit, note: '' }],
                    })
                  }
                />
                {limit}
              </label>
            );
          })}
        </div>
      </fieldset>
      <fieldset>
        <legend>Health screen</legend>
        <div className="ticks" style={{ marginBottom: 6 }}>
          <label>
            <input
              type="checkbox"
              checked={c.health.askFirst}
              onChange={(e) => change({ health: { ...c.health, askFirst: e.target.checked } })}
            />
            a yes to any question: ask first
          </label>
          <span style={{ color: ink.soft }}>
            {c.health.askedOn ? `asked ${c.health.askedOn}` : 'not asked yet'}
          </span>
          <Act small onPress={() => change({ health: { ...c.health, askedOn: todayIso() } })}>
            Asked today
          </Act>
        </div>
        {c.health.askFirst && (
          <Label>
            Cleared by, and when
            <Field
              value={c.health.clearedBy}
              maxLength={120}
              onChange={(e) => change({ health: { ...c.health, clearedBy: e.target.value } })}
            />
          </Label>
        )}
        <p style={{ color: ink.soft, fontSize: size.fine, marginTop: 6 }}>
          {mustAskFirst(c) ? 'Planning goes on; handing over waits for a name here. ' : ''}
          Ask about heart and blood pressure, chest pain or fainting with effort, recent surgery or injury,
          joint pain, pregnancy or birth within a year, medicines, age under 18, and anything a clinician has
          restricted. Drimbo does not diagnose or clear anyone: follow licensed practice.
        </p>
      </fieldset>
    </Grid>
  );
}
