import { type ReactNode } from 'react';
import { Ask } from '../../parts/ask';
import { Button } from '../../parts/button';
import { ChoiceMenu } from '../../parts/choice-menu';
import { Dialog } from '../../parts/dialog';
import { Disclosure } from '../../parts/disclosure';
import { Menu } from '../../parts/menu';
import { Popover } from '../../parts/popover';
import { tell } from '../../parts/toast';
import { Tooltip } from '../../parts/tooltip';

import { Held } from './held';

/** What opens, tells or asks. */
export const floatingExamples: Record<string, () => ReactNode> = {
  Menu: () => (
    <Menu
      label="Adapt"
      trigger={<Button>Adapt</Button>}
      groups={[
        {
          name: 'Somebody else',
          items: [
            {
              id: 'first',
              words: 'For a first year',
              about: 'Fewer sets, more in reserve',
              does: () => undefined,
            },
          ],
        },
      ]}
    />
  ),
  'Choice menu': () => (
    <Held<'kg' | 'lb'> start="kg">
      {(value, set) => (
        <ChoiceMenu
          label="Unit"
          choices={{ kg: 'Kilograms', lb: 'Pounds' }}
          value={value}
          onChange={set}
          trigger={<Button>{value}</Button>}
        />
      )}
    </Held>
  ),
  Dialog: () => (
    <Held start={false}>
      {(isOpen, set) => (
        <>
          <Button onPress={() => set(true)}>Open a dialog</Button>
          <Dialog title="Copy “Push A”" isOpen={isOpen} onClose={() => set(false)}>
            {(close) => <Button onPress={close}>Close</Button>}
          </Dialog>
        </>
      )}
    </Held>
  ),
  Drawer: () => (
    <Held start={false}>
      {(isOpen, set) => (
        <>
          <Button onPress={() => set(true)}>Open a drawer</Button>
          <Dialog title="Add a movement" side="right" isOpen={isOpen} onClose={() => set(false)}>
            {(close) => <Button onPress={close}>Done</Button>}
          </Dialog>
        </>
      )}
    </Held>
  ),
  Ask: () => (
    <Ask
      asks="Delete “Push A”?"
      does="Delete it"
      keeps="Keep it"
      about={<p>It leaves every list.</p>}
      onYes={() => undefined}
    >
      Delete…
    </Ask>
  ),
  Popover: () => (
    <Popover title="Why 24 kg" trigger={<Button small>Why</Button>}>
      {() => <p>Max 34 kg each, 8 reps with 2 left.</p>}
    </Popover>
  ),
  Tooltip: () => (
    <Tooltip says="Sheets print on A4 or Letter">
      <Button small>Paper</Button>
    </Tooltip>
  ),
  Toast: () => (
    <Button onPress={() => tell('“Push A” is deleted.', () => tell('“Push A” is back.'))}>
      Tell something
    </Button>
  ),
  Disclosure: () => (
    <Disclosure says="fits 82 of 100: why">
      <p>Same regions, another angle.</p>
    </Disclosure>
  ),
};
