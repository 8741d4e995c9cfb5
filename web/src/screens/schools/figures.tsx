import { groupIds, groupNames } from '@drimbo/core/anatomy/regions';
import type { SchoolDocument } from '@drimbo/core/schools/document';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { NumberField } from '../../parts/number-field';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Switch } from '../../parts/switch';
import { TextField } from '../../parts/text-field';
import { ink, size } from '../../look/theme';
import { ValueCurve } from '../../drawings/value-curve';

export interface SchoolPart {
  school: SchoolDocument;
  change: (patch: Partial<SchoolDocument>) => void;
}

const Grid = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 74px 74px;
  gap: 6px 10px;
  align-items: center;
  padding: 4px 12px 12px;
  font-size: ${size.small};
  .whole {
    grid-column: 1 / -1;
  }
  .soft {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

type Two = { lo: number; hi: number };

/** Two figures under one name. */
function Range({
  name,
  value,
  most,
  onChange,
}: {
  name: string;
  value: Two;
  most: number;
  onChange: (value: Two) => void;
}): ReactNode {
  return (
    <>
      <span>{name}</span>
      <NumberField
        label={`${name}, from`}
        labelPlace="unseen"
        value={value.lo}
        lo={0}
        hi={most}
        onChange={(lo) => onChange({ ...value, lo })}
      />
      <NumberField
        label={`${name}, to`}
        labelPlace="unseen"
        value={value.hi}
        lo={1}
        hi={most}
        onChange={(hi) => onChange({ ...value, hi })}
      />
    </>
  );
}

const whole = ({ lo, hi }: Two): Two => ({
  lo: Math.max(1, Math.round(lo)),
  hi: Math.max(1, Math.round(hi)),
});

/** Name, bands and what a set counts. */
export function Dose({ school: s, change }: SchoolPart): ReactNode {
  const { counting } = s;
  const count = (patch: Partial<typeof counting>): void => change({ counting: { ...counting, ...patch } });
  return (
    <Sheet>
      <SheetHead>
        <h2>Dose</h2>
        <span>hard sets a session</span>
      </SheetHead>
      <Grid>
        <TextField
          className="whole"
          label="Name"
          value={s.name}
          maxLength={60}
          onChange={(name) => name.trim() !== '' && change({ name })}
        />
        <TextField
          className="whole"
          label="In one line"
          value={s.line}
          maxLength={200}
          onChange={(line) => change({ line })}
        />
        <Range
          name="What the session is for"
          value={s.mainBand}
          most={40}
          onChange={(mainBand) => change({ mainBand })}
        />
        {groupIds.map((g) => (
          <Range
            key={g}
            name={groupNames[g]}
            value={s.bands[g]}
            most={40}
            onChange={(band) => change({ bands: { ...s.bands, [g]: band } })}
          />
        ))}
        <div className="whole">
          <Switch isOn={s.forNovices} onChange={(forNovices) => change({ forNovices })}>
            Written for the first year: bands are not cut again
          </Switch>
        </div>
      </Grid>
      <SheetHead>
        <h2>What a set counts</h2>
      </SheetHead>
      <Grid>
        <span style={{ gridColumn: '1 / 3' }}>A hard set leaves at most</span>
        <NumberField
          label="A hard set leaves at most"
          labelPlace="unseen"
          value={counting.hardReserve}
          lo={0}
          hi={8}
          decimals={1}
          onChange={(hardReserve) => count({ hardReserve })}
        />
        <span style={{ gridColumn: '1 / 3' }}>Each further stage or bout</span>
        <NumberField
          label="Each further stage or bout"
          labelPlace="unseen"
          value={counting.furtherStage}
          lo={0}
          hi={1}
          decimals={2}
          onChange={(furtherStage) => count({ furtherStage })}
        />
        <span style={{ gridColumn: '1 / 3' }}>A whole burn-out</span>
        <NumberField
          label="A whole burn-out"
          labelPlace="unseen"
          value={counting.burnOut}
          lo={0}
          hi={5}
          decimals={1}
          onChange={(burnOut) => count({ burnOut })}
        />
        <div className="whole">
          <Switch isOn={counting.indirect} onChange={(indirect) => count({ indirect })}>
            Sets count where a muscle only helps, by their credit
          </Switch>
        </div>
        <span style={{ gridColumn: '1 / 3' }}>Scale of the value curve, sets</span>
        <NumberField
          label="Scale of the value curve"
          labelPlace="unseen"
          value={s.valueScale}
          lo={1}
          hi={15}
          decimals={1}
          onChange={(valueScale) => change({ valueScale })}
        />
        <div className="whole">
          <ValueCurve scale={s.valueScale} marks={[]} />
        </div>
      </Grid>
    </Sheet>
  );
}

/** Repetitions, rests and what a new line starts with. */
export function Sets({ school: s, change }: SchoolPart): ReactNode {
  const { starting } = s;
  const start = (patch: Partial<typeof starting>): void => change({ starting: { ...starting, ...patch } });
  const kinds = ['compound', 'isolation'] as const;
  const kindWords = { compound: 'Compound', isolation: 'Isolation' };
  return (
    <Sheet>
      <SheetHead>
        <h2>Sets and rests</h2>
      </SheetHead>
      <Grid>
        <Range
          name="Reps of the first heavy lift"
          value={s.homes.first}
          most={100}
          onChange={(first) => change({ homes: { ...s.homes, first: whole(first) } })}
        />
        <Range
          name="Reps of the others"
          value={s.homes.others}
          most={100}
          onChange={(others) => change({ homes: { ...s.homes, others: whole(others) } })}
        />
        <span style={{ gridColumn: '1 / 3' }}>Movements at most</span>
        <NumberField
          label="Movements at most"
          labelPlace="unseen"
          value={s.mostMovements}
          lo={1}
          hi={40}
          onChange={(n) => change({ mostMovements: Math.round(n) })}
        />
        {kinds.map((kind) => (
          <SideOf
            key={kind}
            name={`${kindWords[kind]}, shortest rest`}
            unit="s"
            value={s.restFloorS[kind]}
            onChange={(n) => change({ restFloorS: { ...s.restFloorS, [kind]: n } })}
          />
        ))}
      </Grid>
      <SheetHead>
        <h2>A new line starts with</h2>
      </SheetHead>
      <Grid>
        <span style={{ gridColumn: '1 / 3' }}>Sets</span>
        <NumberField
          label="Sets of a new line"
          labelPlace="unseen"
          value={starting.sets}
          lo={1}
          hi={12}
          onChange={(n) => start({ sets: Math.round(n) })}
        />
        {kinds.map((kind) => (
          <SideOf
            key={kind}
            name={`${kindWords[kind]}, rest`}
            unit="s"
            value={starting.restS[kind]}
            onChange={(n) => start({ restS: { ...starting.restS, [kind]: n } })}
          />
        ))}
        {kinds.map((kind) => (
          <Leaving
            key={kind}
            name={`${kindWords[kind]} leaves, first and last set`}
            value={starting.reserve[kind]}
            onChange={(to) => start({ reserve: { ...starting.reserve, [kind]: to } })}
          />
        ))}
        {(['lower', 'stretched', 'lift', 'shortened'] as const).map((part) => (
          <SideOf
            key={part}
            name={tempoWords[part]}
            unit="s"
            most={15}
            value={starting.tempo[part]}
            onChange={(n) => start({ tempo: { ...starting.tempo, [part]: n } })}
          />
        ))}
      </Grid>
    </Sheet>
  );
}

const tempoWords = {
  lower: 'Lowering',
  stretched: 'Pause in the stretch',
  lift: 'Lifting',
  shortened: 'Pause at the top',
};

function SideOf({
  name,
  unit,
  value,
  most = 900,
  onChange,
}: {
  name: string;
  unit: string;
  value: number;
  most?: number;
  onChange: (n: number) => void;
}): ReactNode {
  return (
    <>
      <span style={{ gridColumn: '1 / 3' }}>
        {name}, {unit}
      </span>
      <NumberField
        label={name}
        labelPlace="unseen"
        value={value}
        lo={0}
        hi={most}
        onChange={(n) => onChange(Math.round(n))}
      />
    </>
  );
}

function Leaving({
  name,
  value,
  onChange,
}: {
  name: string;
  value: { first: number; last: number };
  onChange: (value: { first: number; last: number }) => void;
}): ReactNode {
  return (
    <>
      <span>{name}</span>
      <NumberField
        label={`${name}: first`}
        labelPlace="unseen"
        value={value.first}
        lo={0}
        hi={8}
        decimals={1}
        onChange={(first) => onChange({ ...value, first })}
      />
      <NumberField
        label={`${name}: last`}
        labelPlace="unseen"
        value={value.last}
        lo={0}
        hi={8}
        decimals={1}
        onChange={(last) => onChange({ ...value, last })}
      />
    </>
  );
}
