import { attachments } from '@drimbo/core/movements';
import { placeNames } from '@drimbo/core/kit';
import type { ReactNode } from 'react';
import { CheckBox } from '../../parts/check-box';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import { Sheet, SheetHead } from '../../parts/sheet';
import { Body, type PartProps } from './parts';

/** Stations that are places rather than stacks, and things that stand about. */
const places = Object.keys(placeNames);

const capital = (text: string): string => text[0]!.toUpperCase() + text.slice(1);

function Tick({ label, on, set }: { label: string; on: boolean; set: (on: boolean) => void }): ReactNode {
  return (
    <CheckBox isOn={on} onChange={set}>
      {label}
    </CheckBox>
  );
}

const withOrWithout = <T,>(list: readonly T[], item: T, on: boolean): T[] =>
  on ? [...list, item] : list.filter((x) => x !== item);

/** Name and unit of a gym, its rack, its places, and what is clipped on or worn there. */
export function Gym({ kit, change }: PartProps): ReactNode {
  const clips = kit.attachments ?? attachments;
  return (
    <Sheet>
      <SheetHead>
        <h2>Gym</h2>
      </SheetHead>
      <Body>
        <TextField
          label="Name"
          value={kit.name}
          maxLength={80}
          onChange={(name) => name.trim() !== '' && change({ name })}
        />
        <Select
          label="Most plates and dumbbells are marked in"
          value={kit.unit}
          options={[
            ['kg', 'kilograms'],
            ['lb', 'pounds'],
          ]}
          onChange={(unit) => unit && change({ unit })}
        />
        <Select
          label="Racks"
          value={String(kit.rack.count)}
          options={['0', '1', '2', '3', '4'].map((n) => [n, n])}
          onChange={(count) => change({ rack: { ...kit.rack, count: Number(count) } })}
        />
        <div className="ticks">
          <Tick
            label="Safety arms on the rack"
            on={kit.rack.safetyArms}
            set={(safetyArms) => change({ rack: { ...kit.rack, safetyArms } })}
          />
          <Tick
            label="Somebody is usually there to spot"
            on={kit.spotter ?? false}
            set={(spotter) => change({ spotter })}
          />
          {places.map((place) => (
            <Tick
              key={place}
              label={capital(place)}
              on={kit.places.includes(place)}
              set={(on) => change({ places: withOrWithout(kit.places, place, on) })}
            />
          ))}
          <Tick label="Dip belt" on={kit.dipBelt} set={(dipBelt) => change({ dipBelt })} />
          {attachments.map((clip) => (
            <Tick
              key={clip}
              label={clip === 'straight bar' ? 'Straight bar for cables' : capital(clip)}
              on={clips.includes(clip)}
              set={(on) => change({ attachments: withOrWithout(clips, clip, on) })}
            />
          ))}
        </div>
      </Body>
    </Sheet>
  );
}
