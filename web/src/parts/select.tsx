import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import {
  Button,
  Header,
  Label,
  ListBoxItem,
  ListBoxSection,
  Select as Root,
  SelectValue,
} from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { List, ListPop } from './list-box';
import { field } from './surfaces';

const Frame = styled(Root)<{ $place: LabelPlace; $quiet: boolean; $small: boolean }>`
  ${labelled}
  > .react-aria-Button {
    ${field}
    display: inline-flex;
    align-items: center;
    justify-content: space-between;
    gap: 4px;
    text-align: left;
    cursor: pointer;
    min-width: 0;
    font-size: ${size.small};
    ${(p) => p.$small && `min-height: 24px; padding: 1px 5px; font-size: ${size.fine};`}
    ${(p) => p.$quiet && `width: auto; flex: none; border-color: transparent; background: none; font-weight: 620; padding: 1px 3px; min-height: 24px;`}
    &[data-hovered] {
      border-color: ${ink.soft};
    }
    &[data-disabled] {
      opacity: 0.5;
      cursor: default;
    }
    .now {
      overflow: hidden;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    svg {
      flex: none;
      color: ${ink.soft};
    }
  }
`;

/** A value and the words for it. */
export type Choice<K extends string> = readonly [value: K, words: string];

const NONE = ' none';

export interface SelectProps<K extends string> {
  label: string;
  labelPlace?: LabelPlace;
  /** Null stands for `none`. */
  value: K | null;
  options: readonly Choice<K>[];
  /** Further options under headings of their own. */
  groups?: readonly { name: string; options: readonly Choice<K>[] }[];
  /** Words for choosing nothing; without them something is always chosen. */
  none?: string;
  onChange: (value: K | null) => void;
  /** Shown, but not to be taken now. */
  refused?: readonly K[];
  /** Looks like text until it is pointed at. */
  quiet?: boolean;
  small?: boolean;
  isDisabled?: boolean;
  testId?: string;
  className?: string;
}

const item = <K extends string>([value, words]: Choice<K>): ReactNode => (
  <ListBoxItem key={value} id={value} textValue={words}>
    {words}
  </ListBoxItem>
);

/**
 * One of a few things. Typing the first letters finds one; for more than some thirty use a combo box.
 *
 * @example <Select label="Gym" value="boathouse" options={[['boathouse', 'The Boathouse']]} onChange={setGym} />
 */
export function Select<K extends string>({
  label,
  labelPlace = 'above',
  value,
  options,
  groups = [],
  none,
  onChange,
  refused = [],
  quiet = false,
  small = false,
  isDisabled = false,
  testId,
  className,
}: SelectProps<K>): ReactNode {
  const all = [...options, ...groups.flatMap((g) => g.options)];
  const words = all.find(([id]) => id === value)?.[1] ?? none ?? 'choose…';
  return (
    <Frame
      $place={labelPlace}
      $quiet={quiet}
      $small={small}
      {...(className ? { className } : {})}
      {...(labelPlace === 'unseen' ? { 'aria-label': label } : {})}
      value={value ?? NONE}
      onChange={(key) => onChange(key === NONE || key === null ? null : (key as K))}
      disabledKeys={refused}
      isDisabled={isDisabled}
      data-testid={testId}
    >
      {labelPlace !== 'unseen' && <Label>{label}</Label>}
      <Button>
        <SelectValue className="now">{() => <span title={words}>{words}</span>}</SelectValue>
        <ChevronDown size={13} aria-hidden />
      </Button>
      <ListPop>
        <List>
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
    </Frame>
  );
}
