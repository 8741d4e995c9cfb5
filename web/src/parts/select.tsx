import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useId, useRef, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { Arrived, asksFor, pressing } from './opener';
import type { SelectProps } from './select-model';
import { field } from './surfaces';

const Open = lazy(() => import('./select-open').then((m) => ({ default: m.OpenSelect })));

const Frame = styled.div<{ $place: LabelPlace; $quiet: boolean; $small: boolean }>`
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
      /* Where there is little room a value goes over two lines rather than out of sight. */
      ${(p) => (p.$small ? 'line-height: 1.15;' : 'white-space: nowrap;')}
    }
    svg {
      flex: none;
      color: ${ink.soft};
    }
  }
`;

/** Letters typed within this belong to one word, milliseconds. */
const ONE_WORD_MS = 1000;

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
  const id = useId();
  const triggerRef = useRef<HTMLButtonElement>(null);
  const [isOpen, setOpen] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const typed = useRef({ text: '', at: 0 });
  const all = [...options, ...groups.flatMap((g) => g.options)];
  const words = all.find(([key]) => key === value)?.[1] ?? none ?? 'choose…';
  const free: (readonly [K | null, string])[] = [
    ...(none === undefined ? [] : [[null, none] as const]),
    ...all.filter(([key]) => !refused.includes(key)),
  ];
  const change = (open: boolean): void => {
    if (open && !isAsked) asksFor(() => setOpen(false));
    setOpen(open);
    if (open) setAsked(true);
  };
  const take = (choice: readonly [K | null, string] | undefined): void => {
    if (choice && choice[0] !== value) onChange(choice[0]);
  };
  /** Closed, arrows and letters take the next one or the one meant. */
  const keys = (e: KeyboardEvent): boolean => {
    const step = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (step !== 0) take(free[free.findIndex(([key]) => key === value) + step]);
    else if (e.key === 'ArrowDown' || e.key === 'ArrowUp') change(true);
    else if (e.key.length === 1 && e.key !== ' ' && !e.ctrlKey && !e.metaKey && !e.altKey) {
      const { text, at } = typed.current;
      const now = e.timeStamp - at < ONE_WORD_MS ? text + e.key.toLowerCase() : e.key.toLowerCase();
      typed.current = { text: now, at: e.timeStamp };
      take(free.find(([, said]) => said.toLowerCase().startsWith(now)));
    } else return false;
    e.preventDefault();
    return true;
  };
  return (
    <Frame
      $place={labelPlace}
      $quiet={quiet}
      $small={small}
      className={`react-aria-Select ${className ?? ''}`}
      data-testid={testId}
    >
      {labelPlace !== 'unseen' && (
        <span id={`${id}-label`} className="react-aria-Label">
          {label}
        </span>
      )}
      <Button
        ref={triggerRef}
        aria-haspopup="listbox"
        aria-expanded={isOpen}
        {...(labelPlace === 'unseen'
          ? { 'aria-label': `${words} ${label}` }
          : { 'aria-labelledby': `${id}-now ${id}-label` })}
        isDisabled={isDisabled}
        {...pressing(isOpen, change)}
        onKeyDown={(e) => {
          if (!keys(e)) e.continuePropagation();
        }}
      >
        <span id={`${id}-now`} className="now" title={words}>
          {words}
        </span>
        <ChevronDown size={13} aria-hidden />
      </Button>
      <Suspense fallback={null}>
        {isAsked && (
          <>
            <Open
              label={label}
              value={value}
              options={options}
              groups={groups}
              {...(none === undefined ? {} : { none })}
              refused={refused}
              triggerRef={triggerRef}
              isOpen={isOpen}
              onOpenChange={setOpen}
              onTake={(key) => onChange(key as K | null)}
            />
            <Arrived />
          </>
        )}
      </Suspense>
    </Frame>
  );
}
