import type { Stored } from '@drimbo/core/contract';
import { pressingRegions, type RegionId, regions } from '@drimbo/core/anatomy';
import type { Kit } from '@drimbo/core/kit';
import { aims, type Client, competitions, limitIds, trainingAges } from '@drimbo/core/session';
import { fromKg, toKg } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';

import { CheckBox } from '../../parts/check-box';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { AsideRules } from './aside-rules';
import { HealthScreen } from './health-screen';
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
`;

const aimWords: Record<Client['aim'], string> = {
  size: 'size',
  strength: 'strength',
  both: 'strength and size',
  endurance: 'muscular endurance',
  slow: 'a slow phase',
  peaking: 'peaking for a meet',
};
const competitionWords: Record<Client['competes'], string> = {
  no: 'no',
  bench: 'in the bench press',
  stage: 'on stage',
};

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
      <TextField label="Name" value={c.name} maxLength={80} onChange={(name) => change({ name })} />
      <Select
        label="Training age"
        value={c.trainingAge}
        options={trainingAges.map((age) => [age, age])}
        onChange={(trainingAge) => trainingAge && change({ trainingAge })}
      />
      <NumberField
        label="Height"
        unit="cm"
        value={c.statureM * 100}
        lo={120}
        hi={230}
        onChange={(n) => change({ statureM: n / 100 })}
      />
      <NumberField
        label="Bodyweight"
        unit={c.unit}
        decimals={1}
        value={fromKg(c.massKg, c.unit)}
        lo={Math.ceil(fromKg(35, c.unit))}
        hi={Math.floor(fromKg(250, c.unit))}
        onChange={(n) => change({ massKg: Number(toKg(n, c.unit).toFixed(2)) })}
      />
      <NumberField
        label="Minutes a session"
        value={c.minutes}
        lo={15}
        hi={240}
        onChange={(n) => change({ minutes: Math.round(n) })}
      />
      <NumberField
        label="Days a week"
        value={c.daysAWeek}
        lo={1}
        hi={7}
        onChange={(n) => change({ daysAWeek: Math.round(n) })}
      />
      <Select
        label="Gym"
        value={c.kitId}
        options={kits.map((k) => [k.id, k.document.name])}
        onChange={(kitId) => kitId && change({ kitId })}
      />
      <Select
        label="Loads in"
        value={c.unit}
        options={[
          ['kg', 'kilograms'],
          ['lb', 'pounds'],
        ]}
        onChange={(unit) => unit && change({ unit })}
      />
      <Select
        label="Trains for"
        value={c.aim}
        options={aims.map((aim) => [aim, aimWords[aim]])}
        onChange={(aim) => aim && change({ aim })}
      />
      <Select
        label="Competes"
        value={c.competes}
        options={competitions.map((in_) => [in_, competitionWords[in_]])}
        onChange={(competes) => competes && change({ competes })}
      />
      <TextField
        className="wide"
        label="Goal"
        value={c.goal}
        maxLength={120}
        onChange={(goal) => change({ goal })}
      />
      <TextField
        className="wide"
        label="Likes, and feels"
        value={c.likes}
        maxLength={200}
        onChange={(likes) => change({ likes })}
      />
      <fieldset>
        <legend>Weak points</legend>
        <div className="ticks">
          {pressingRegions.map((id) => (
            <CheckBox
              key={id}
              isOn={c.lagging.includes(id)}
              onChange={() => toggle(id)}
              style={c.lagging.includes(id) ? { color: voiceText[regions[id].voice], fontWeight: 640 } : {}}
            >
              {regions[id].name.toLowerCase()}
            </CheckBox>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend>Injuries and limits</legend>
        <div className="ticks">
          {limitIds.map((limit) => {
            const on = c.limits.some((l) => l.limit === limit);
            return (
              <CheckBox
                key={limit}
                isOn={on}
                onChange={() =>
                  change({
                    limits: on
                      ? c.limits.filter((l) => l.limit !== limit)
                      : [...c.limits, { limit, note: '' }],
                  })
                }
              >
                {limit}
              </CheckBox>
            );
          })}
        </div>
      </fieldset>
      <HealthScreen client={c} change={change} />
      <AsideRules client={c} change={change} />
    </Grid>
  );
}
