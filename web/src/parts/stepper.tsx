import type { ReactNode } from 'react';
import { Button, Group, Input, Label, NumberField, Text } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

const Frame = styled(NumberField)`
  display: grid;
  gap: 2px;
  .react-aria-Label {
    font-size: 16px;
    color: ${ink.soft};
  }
  .react-aria-Group {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) 52px;
    border: 1px solid ${ink.rule};
    border-radius: 4px;
    background: ${ink.raised};
  }
  .react-aria-Button {
    min-height: 52px;
    border: none;
    background: none;
    font-size: 24px;
    cursor: pointer;
    touch-action: manipulation;
  }
  .react-aria-Button[data-pressed] {
    background: ${ink.chosen};
  }
  .react-aria-Button[data-disabled] {
    opacity: 0.35;
  }
  [slot='description'] {
    color: ${ink.soft};
    font-size: 16px;
  }
  .react-aria-Input {
    min-width: 0;
    width: 100%;
    border: none;
    background: none;
    text-align: center;
    font-size: 24px;
    font-weight: 680;
  }
`;

/**
 * A figure changed by a step with the thumb, or by the keypad; big enough for a gym floor.
 *
 * @example <Stepper label="Reps" value={8} lo={0} hi={100} onChange={setReps} />
 */
export function Stepper({
  label,
  value,
  lo,
  hi,
  step = 1,
  onChange,
  onStep,
  about,
}: {
  label: string;
  /** Null for one that nobody has said: it stands empty. */
  value: number | null;
  lo: number;
  hi: number;
  step?: number;
  onChange: (value: number) => void;
  /** Where steps are not even: what one up or down leads to. */
  onStep?: (by: 1 | -1) => void;
  /** A few words below, where the figure needs them. */
  about?: string;
}): ReactNode {
  return (
    <Frame
      value={value ?? NaN}
      minValue={lo}
      maxValue={hi}
      step={onStep ? 0.01 : step}
      onChange={(n) => {
        if (!Number.isNaN(n)) onChange(n);
      }}
      formatOptions={{ maximumFractionDigits: 2, useGrouping: false }}
    >
      <Label>{label}</Label>
      <Group>
        {onStep ? (
          <Button slot={null} aria-label={`Less ${label.toLowerCase()}`} onPress={() => onStep(-1)}>
            −
          </Button>
        ) : (
          <Button slot="decrement">−</Button>
        )}
        <Input inputMode="decimal" />
        {onStep ? (
          <Button slot={null} aria-label={`More ${label.toLowerCase()}`} onPress={() => onStep(1)}>
            +
          </Button>
        ) : (
          <Button slot="increment">+</Button>
        )}
      </Group>
      {about && <Text slot="description">{about}</Text>}
    </Frame>
  );
}
