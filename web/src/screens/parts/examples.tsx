import { type ReactNode } from 'react';
import { Blank } from '../../parts/blank';
import { Button } from '../../parts/button';
import { Cell } from '../../parts/cell';
import { CheckBox } from '../../parts/check-box';
import { ComboBox } from '../../parts/combo-box';
import { DateField } from '../../parts/date-field';
import { Failed } from '../../parts/failed';
import { FileDrop } from '../../parts/file-drop';
import { Finder } from '../../parts/finder';
import { GridList } from '../../parts/grid-list';
import { DownloadButton, LinkButton } from '../../parts/link-button';
import { Mark } from '../../parts/mark';
import { NumberField } from '../../parts/number-field';
import { Progress } from '../../parts/progress';
import { RadioGroup } from '../../parts/radio-group';
import { SearchBox } from '../../parts/search-box';
import { QrCode } from '../../parts/qr-code';
import { Select } from '../../parts/select';
import { Slider } from '../../parts/slider';
import { Switch } from '../../parts/switch';
import { Table, type Sort } from '../../parts/table';
import { Tabs } from '../../parts/tabs';
import { TextButton } from '../../parts/text-button';
import { TextField } from '../../parts/text-field';
import { tell } from '../../parts/toast';

import { floatingExamples } from './floating-examples';
import { Held } from './held';

const lifts = ['Barbell bench press', 'Dumbbell fly', 'Cable lateral raise', 'Pushdown'].map((name, i) => ({
  id: `lift-${i}`,
  name,
  sets: 4 - i,
}));
type Lift = (typeof lifts)[number];

/** Every part with an example of its use, by name. */
export const examples: Record<string, () => ReactNode> = {
  Button: () => (
    <>
      <Button kind="strong">Print sheet</Button> <Button>Undo</Button> <Button kind="quiet">Duplicate</Button>{' '}
      <Button isDisabled>Redo</Button>
    </>
  ),
  'Link as a button': () => (
    <>
      <LinkButton to="/clients">To the clients</LinkButton>{' '}
      <DownloadButton href="/api/health">Save a file</DownloadButton>
    </>
  ),
  'Text button': () => <TextButton>Front delts dominate</TextButton>,
  'Text field': () => (
    <Held start="Size">
      {(value, set) => <TextField label="Goal" value={value} onChange={set} about="What the block is for" />}
    </Held>
  ),
  'Text field, wrong': () => (
    <TextField label="Name" value="" onChange={() => undefined} wrong="Give it a name." />
  ),
  'Number field': () => (
    <Held start={81.5}>
      {(value, set) => (
        <NumberField
          label="Bodyweight"
          unit="kg"
          decimals={1}
          value={value}
          lo={35}
          hi={250}
          onChange={set}
        />
      )}
    </Held>
  ),
  Cell: () => (
    <Held start={8}>
      {(value, set) => (
        <Cell
          label="Reps"
          text={String(value)}
          read={(t) => (/^\d{1,2}$/.test(t) ? Number(t) : null)}
          hint="A whole number"
          take={set}
        />
      )}
    </Held>
  ),
  Select: () => (
    <Held<string | null> start={null}>
      {(value, set) => (
        <Select
          label="Hard where"
          none="any"
          value={value}
          options={[
            ['stretched', 'stretched'],
            ['shortened', 'shortened'],
          ]}
          onChange={set}
        />
      )}
    </Held>
  ),
  'Combo box': () => (
    <Held start="lift-1">
      {(value, set) => (
        <ComboBox label="Movement" value={value} options={lifts.map((l) => [l.id, l.name])} onChange={set} />
      )}
    </Held>
  ),
  Finder: () => (
    <Held start="">
      {(value, set) => (
        <Finder
          label="Find a lift"
          listLabel="Lifts found"
          placeholder="A lift"
          text={value}
          onText={set}
          found={lifts
            .filter((l) => l.name.toLowerCase().includes(value.toLowerCase()))
            .map((l) => ({ ...l, about: `${l.sets} sets` }))}
          onTake={(found) => set(found?.name ?? '')}
        />
      )}
    </Held>
  ),
  'Search box': () => (
    <Held start="">
      {(value, set) => <SearchBox label="Look for a client" value={value} onChange={set} />}
    </Held>
  ),
  'Check box': () => (
    <Held start={true}>
      {(value, set) => (
        <CheckBox isOn={value} onChange={set}>
          Safety arms on the rack
        </CheckBox>
      )}
    </Held>
  ),
  Switch: () => (
    <Held start={false}>
      {(value, set) => (
        <Switch isOn={value} onChange={set}>
          Spotter
        </Switch>
      )}
    </Held>
  ),
  'Radio group': () => (
    <Held start="mine">
      {(value, set) => (
        <RadioGroup
          label="Which stays"
          value={value}
          options={[
            { value: 'mine', words: 'This version', about: 'changed here at 10:04' },
            { value: 'theirs', words: 'The other one' },
          ]}
          onChange={set}
        />
      )}
    </Held>
  ),
  Slider: () => (
    <Held start={30}>
      {(value, set) => (
        <Slider
          label="Bench"
          min={0}
          max={75}
          step={1}
          notches={[0, 15, 30, 45, 60, 75]}
          value={value}
          says={(v) => `${v}°`}
          onChange={set}
        />
      )}
    </Held>
  ),
  Tabs: () => (
    <Held<'load' | 'cues'> start="load">
      {(value, set) => (
        <Tabs
          label="About a movement"
          value={value}
          onChange={set}
          tabs={[
            { id: 'load', name: 'Load', shows: () => <p>24 kg each</p> },
            { id: 'cues', name: 'Cues', shows: () => <p>Elbows under the wrists</p> },
          ]}
        />
      )}
    </Held>
  ),
  ...floatingExamples,
  Table: () => (
    <Held<Sort> start={{ by: 'name', isDown: false }}>
      {(sort, setSort) => (
        <Table<Lift>
          label="Lifts"
          columns={[
            {
              id: 'name',
              name: 'Lift',
              width: '2fr',
              cell: (l) => <a href={`#${l.id}`}>{l.name}</a>,
              sortBy: (l) => l.name,
            },
            { id: 'sets', name: 'Sets', width: '1fr', cell: (l) => l.sets, sortBy: (l) => l.sets },
          ]}
          rows={lifts}
          idOf={(l) => l.id}
          sort={sort}
          onSort={setSort}
          rowPx={36}
        />
      )}
    </Held>
  ),
  'Grid list': () => (
    <GridList<Lift>
      label="Lifts to add"
      items={lifts}
      idOf={(l) => l.id}
      says={(l) => l.name}
      onTake={(l) => tell(`${l.name} is added.`)}
      empty="Nothing like that."
    >
      {(l) => <b>{l.name}</b>}
    </GridList>
  ),
  'Date field': () => (
    <Held<string | null> start="2026-11-03">
      {(value, set) => <DateField label="Tested on" value={value} latest="2026-11-26" onChange={set} />}
    </Held>
  ),
  'File drop': () => <FileDrop accept=".zip" choose="Import an export" onFile={() => undefined} />,
  'QR code': () => <QrCode text="http://192.0.2.7:4310/" label="The address as a code" px={120} />,
  'Text not shown': () => (
    <Held start="">
      {(value, set) => <TextField label="Passcode" isSecret value={value} onChange={set} />}
    </Held>
  ),
  Progress: () => <Progress says="Measuring every notch" done={0.4} onStop={() => undefined} />,
  'Progress without an end': () => <Progress says="Reading the file…" />,
  'Severity marks': () => (
    <>
      <Mark severity="stop" /> <Mark severity="watch" /> <Mark severity="note" />
    </>
  ),
  'Empty state': () => (
    <Blank title="No sessions yet">
      <p>Open a client and start one.</p>
    </Blank>
  ),
  'Error state': () => (
    <Failed
      what="The clients cannot be shown"
      error={new Error('The server does not answer.')}
      again={() => undefined}
    />
  ),
};
