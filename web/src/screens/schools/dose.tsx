import { groupIds, groupNames } from '@drimbo/core/anatomy/regions';
import type { ReactNode } from 'react';
import { NumberField } from '../../parts/number-field';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Switch } from '../../parts/switch';
import { TextField } from '../../parts/text-field';
import { ValueCurve } from '../../drawings/value-curve';
import { Grid, Range, type SchoolPart } from './fields';

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
