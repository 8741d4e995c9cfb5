import { groupIds, groupNames } from '@drimbo/core/anatomy';
import type { ReactNode } from 'react';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Switch } from '../../parts/switch';
import { TextField } from '../../parts/text-field';
import { ValueCurve } from '../../drawings/value-curve';
import { Grid, Range, SideOf, type SchoolPart } from './fields';

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
        <h3 className="whole">Hard sets a week, over every day</h3>
        {groupIds.map((g) => (
          <Range
            key={`${g} week`}
            name={`${groupNames[g]}, a week`}
            value={s.weekBands[g]}
            most={60}
            onChange={(band) => change({ weekBands: { ...s.weekBands, [g]: band } })}
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
        <SideOf
          name="A hard set leaves at most"
          value={counting.hardReserve}
          most={8}
          decimals={1}
          onChange={(hardReserve) => count({ hardReserve })}
        />
        <SideOf
          name="Each further stage or bout"
          value={counting.furtherStage}
          most={1}
          decimals={2}
          onChange={(furtherStage) => count({ furtherStage })}
        />
        <SideOf
          name="A whole burn-out"
          value={counting.burnOut}
          most={5}
          decimals={1}
          onChange={(burnOut) => count({ burnOut })}
        />
        <div className="whole">
          <Switch isOn={counting.indirect} onChange={(indirect) => count({ indirect })}>
            Sets count where a muscle only helps, by their credit
          </Switch>
        </div>
        <SideOf
          name="Scale of the value curve"
          value={s.valueScale}
          least={1}
          most={15}
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
