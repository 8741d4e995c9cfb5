import { type ReactNode } from 'react';
import { Header, ListBoxItem, ListBoxSection } from 'react-aria-components';
import { List, ListPop } from './list-box';
import type { Anchored } from './opener';
import type { Choice, SelectProps } from './select-model';

const NONE = ' none';

const item = ([value, words]: Choice<string>): ReactNode => (
  <ListBoxItem key={value} id={value} textValue={words}>
    {words}
  </ListBoxItem>
);

/** What a select shows when it is open. */
export function OpenSelect({
  label,
  value,
  options,
  groups,
  none,
  refused,
  onTake,
  ...anchored
}: Anchored &
  Pick<SelectProps<string>, 'label' | 'value' | 'options' | 'none'> &
  Required<Pick<SelectProps<string>, 'groups' | 'refused'>> & {
    onTake: (value: string | null) => void;
  }): ReactNode {
  return (
    <ListPop placement="bottom start" {...anchored}>
      <List
        aria-label={label}
        autoFocus
        selectionMode="single"
        selectedKeys={[value ?? NONE]}
        disabledKeys={refused}
        onSelectionChange={(keys) => {
          const [key] = keys === 'all' ? [] : [...keys];
          anchored.onOpenChange(false);
          if (key !== undefined && key !== (value ?? NONE)) onTake(key === NONE ? null : String(key));
        }}
      >
        {none !== undefined && (
          <ListBoxItem id={NONE} textValue={none}>
            {none}
          </ListBoxItem>
        )}
        {options.map(item)}
        {groups
          .filter((g) => g.options.length > 0)
          .map((g) => (
            <ListBoxSection key={g.name}>
              <Header>{g.name}</Header>
              {g.options.map(item)}
            </ListBoxSection>
          ))}
      </List>
    </ListPop>
  );
}
