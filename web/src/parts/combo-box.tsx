import { ChevronDown } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Button, ComboBox as Root, Input, Label, ListBoxItem } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { List, ListPop } from './list-box';
import type { Choice } from './select-model';
import { field } from './surfaces';

const Frame = styled(Root)<{ $place: LabelPlace; $small: boolean }>`
  ${labelled}
  .box {
    ${field}
    display: flex;
    padding: 0;
    min-width: 0;
    ${(p) => p.$small && 'min-height: 24px;'}
  }
  .box:focus-within {
    outline: 2px solid ${ink.focus};
    outline-offset: 1px;
  }
  input {
    flex: 1;
    min-width: 0;
    border: none;
    outline: none;
    background: none;
    padding: 1px 0 1px 7px;
    font-size: ${(p) => (p.$small ? size.fine : size.small)};
    text-overflow: ellipsis;
  }
  .box .react-aria-Button {
    flex: none;
    width: 24px;
    display: grid;
    place-items: center;
    border: none;
    background: none;
    color: ${ink.soft};
    cursor: pointer;
  }
  [data-disabled] {
    opacity: 0.5;
  }
`;

/** More rows than this are not drawn; typing narrows them. */
const MOST_ROWS = 120;

/**
 * One of many things, found by typing part of its name or picked from the list.
 *
 * @example <ComboBox label="Movement" value="chest-dip" options={names} onChange={setMovement} />
 */
export function ComboBox<K extends string>({
  label,
  labelPlace = 'above',
  value,
  options,
  find,
  placeholder,
  onChange,
  small = false,
  isDisabled = false,
  className,
}: {
  label: string;
  labelPlace?: LabelPlace;
  /** Null where nothing is chosen yet. */
  value: K | null;
  options: readonly Choice<K>[];
  /** Finds values by a text in its own way; without it a name that holds the text is found. */
  find?: (text: string) => readonly K[];
  placeholder?: string;
  onChange: (value: K) => void;
  small?: boolean;
  isDisabled?: boolean;
  className?: string;
}): ReactNode {
  const [typed, setTyped] = useState<string | null>(null);
  // What was just taken, until whoever owns the value says otherwise: the list closes on a change only.
  const [taken, setTaken] = useState({ of: value, key: value });
  if (taken.of !== value) setTaken({ of: value, key: value });
  const now = options.find(([id]) => id === taken.key)?.[1] ?? '';
  const asked = typed?.trim().toLowerCase() ?? '';
  const found = ((): readonly Choice<K>[] => {
    if (asked === '') return options;
    if (!find) return options.filter(([, words]) => words.toLowerCase().includes(asked));
    const words = new Map(options.map((o) => [o[0], o]));
    return find(asked).flatMap((id) => {
      const option = words.get(id);
      return option ? [option] : [];
    });
  })();
  const rows = found.slice(0, MOST_ROWS);
  return (
    <Frame
      $place={labelPlace}
      $small={small}
      {...(className ? { className } : {})}
      {...(labelPlace === 'unseen' ? { 'aria-label': label } : {})}
      defaultFilter={() => true}
      inputValue={typed ?? now}
      onInputChange={(text) => setTyped(text === now ? null : text)}
      value={taken.key}
      onChange={(key) => {
        // An emptied field asks for all; it does not choose nothing.
        if (key === null) return;
        setTyped(null);
        if (key === taken.key) return;
        setTaken({ of: value, key: key as K });
        onChange(key as K);
      }}
      onBlur={() => setTyped(null)}
      isDisabled={isDisabled}
      menuTrigger="input"
      allowsEmptyCollection
    >
      {labelPlace !== 'unseen' && <Label>{label}</Label>}
      <span className="box">
        <Input
          placeholder={placeholder ?? ''}
          spellCheck={false}
          onFocus={(e) => {
            if (typed === null) e.currentTarget.select();
          }}
          {...(typed === null ? { title: now } : {})}
        />
        <Button>
          <ChevronDown size={13} aria-hidden />
        </Button>
      </span>
      <ListPop>
        <List
          renderEmptyState={() => (
            <p style={{ padding: '4px 9px', color: ink.soft }}>Nothing by that name.</p>
          )}
        >
          {rows.map(([id, name]) => (
            <ListBoxItem key={id} id={id} textValue={name}>
              {name}
            </ListBoxItem>
          ))}
        </List>
        {found.length > rows.length && (
          <p style={{ padding: '4px 9px', color: ink.soft, fontSize: size.fine }}>
            {found.length - rows.length} more: type part of the name.
          </p>
        )}
      </ListPop>
    </Frame>
  );
}
