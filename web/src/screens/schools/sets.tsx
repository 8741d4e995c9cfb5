import { Switch } from '../../parts/switch';
import { type SchemeKind, schemeModules } from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { CheckBox } from '../../parts/check-box';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Grid, Leaving, Range, SideOf, type SchoolPart, type Two } from './fields';

const whole = ({ lo, hi }: Two): Two => ({
  lo: Math.max(1, Math.round(lo)),
  hi: Math.max(1, Math.round(hi)),
});

const tempoWords = {
  lower: 'Lowering',
  stretched: 'Pause in the stretch',
  lift: 'Lifting',
  shortened: 'Pause at the top',
};

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
        <SideOf
          name="Movements at most"
          value={s.mostMovements}
          least={1}
          most={40}
          onChange={(n) => change({ mostMovements: n })}
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
        <SideOf
          name="Sets of a new line"
          value={starting.sets}
          least={1}
          most={12}
          onChange={(n) => start({ sets: n })}
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
        <div className="whole">
          <Switch
            isOn={starting.loads === 'down'}
            onChange={(isDown) => start({ loads: isDown ? 'down' : 'one' })}
          >
            A new line holds its reps: loads come down from set to set
          </Switch>
        </div>
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

/** Ways of doing sets that are usual in the school: they stand first where a scheme is chosen. */
export function Schemes({ school: s, change }: SchoolPart): ReactNode {
  const put = (kind: SchemeKind, on: boolean): void => {
    const schemes = on ? [...s.schemes, kind] : s.schemes.filter((k) => k !== kind);
    if (schemes.length > 0) change({ schemes });
  };
  return (
    <Sheet>
      <SheetHead>
        <h2>Usual ways of doing sets</h2>
      </SheetHead>
      <Grid>
        {schemeModules.map((m) => (
          <div className="whole" key={m.kind}>
            <CheckBox isOn={s.schemes.includes(m.kind)} onChange={(on) => put(m.kind, on)}>
              {m.name.toLowerCase()}
            </CheckBox>
          </div>
        ))}
      </Grid>
    </Sheet>
  );
}
