import { parseDate } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  Group,
  Heading,
  Label,
  Popover,
} from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { field, floating } from './surfaces';

const Frame = styled(DatePicker)<{ $place: LabelPlace }>`
  ${labelled}
  .react-aria-Group {
    ${field}
    display: inline-flex;
    align-items: center;
    justify-content: space-between;
    font-size: ${size.small};
  }
  .react-aria-DateInput {
    display: inline-flex;
  }
  .react-aria-DateSegment {
    padding: 0 1px;
    border-radius: 2px;
  }
  .react-aria-DateSegment[data-placeholder] {
    color: ${ink.soft};
  }
  .react-aria-DateSegment:focus {
    background: ${ink.ink};
    color: ${ink.sheet};
    outline: none;
  }
  .react-aria-Group > button {
    display: grid;
    place-items: center;
    min-width: 24px;
    min-height: 24px;
    border: none;
    background: none;
    color: ${ink.soft};
    cursor: pointer;
  }
`;
const Pop = styled(Popover)`
  ${floating}
  color: ${ink.ink};
  padding: 10px;
  font-size: ${size.small};
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    h2 {
      font-size: ${size.text};
      margin: 0;
    }
    button {
      border: none;
      background: none;
      min-width: 28px;
      min-height: 28px;
      cursor: pointer;
    }
  }
  .react-aria-CalendarCell {
    display: grid;
    place-items: center;
    width: 30px;
    height: 28px;
    border-radius: 3px;
    cursor: pointer;
  }
  .react-aria-CalendarCell[data-outside-month] {
    display: none;
  }
  .react-aria-CalendarCell[data-hovered] {
    background: ${ink.chosen};
  }
  .react-aria-CalendarCell[data-selected] {
    background: ${ink.ink};
    color: ${ink.sheet};
  }
  .react-aria-CalendarCell[data-disabled] {
    opacity: 0.4;
    cursor: default;
  }
  th {
    font-weight: 420;
    color: ${ink.soft};
  }
`;

const day = (iso: string | undefined) => (iso ? parseDate(iso) : null);

/**
 * A calendar day, typed part by part or picked from a month. Days are plain dates without a time or a zone.
 *
 * @example <DateField label="Tested on" value="2026-11-03" latest="2026-11-26" onChange={set} />
 */
export function DateField({
  label,
  labelPlace = 'above',
  value,
  earliest,
  latest,
  onChange,
}: {
  label: string;
  labelPlace?: LabelPlace;
  /** As 2026-11-03; null where none is given. */
  value: string | null;
  earliest?: string;
  latest?: string;
  onChange: (value: string | null) => void;
}): ReactNode {
  return (
    <Frame
      $place={labelPlace}
      value={day(value ?? undefined)}
      minValue={day(earliest)}
      maxValue={day(latest)}
      onChange={(date) => onChange(date ? date.toString() : null)}
      shouldForceLeadingZeros
      {...(labelPlace === 'unseen' ? { 'aria-label': label } : {})}
    >
      {labelPlace !== 'unseen' && <Label>{label}</Label>}
      <Group>
        <DateInput>{(segment) => <DateSegment segment={segment} />}</DateInput>
        <Button>
          <CalendarDays size={14} aria-hidden />
        </Button>
      </Group>
      <Pop>
        <Dialog aria-label={label}>
          <Calendar aria-label={label} firstDayOfWeek="mon">
            <header>
              <Button slot="previous">
                <ChevronLeft size={15} aria-hidden />
              </Button>
              <Heading />
              <Button slot="next">
                <ChevronRight size={15} aria-hidden />
              </Button>
            </header>
            <CalendarGrid>{(date) => <CalendarCell date={date} />}</CalendarGrid>
          </Calendar>
        </Dialog>
      </Pop>
    </Frame>
  );
}
