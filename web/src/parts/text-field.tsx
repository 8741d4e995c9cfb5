import type { ReactNode } from 'react';
import { Input, Label, Text, TextArea, TextField as Root } from 'react-aria-components';
import { styled } from 'styled-components';
import { size } from '../look/theme';
import { labelled, type LabelPlace } from './labelled';
import { field } from './surfaces';

const Frame = styled(Root)<{ $place: LabelPlace }>`
  ${labelled}
  input,
  textarea {
    ${field}
    font-size: ${size.small};
  }
  textarea {
    resize: vertical;
  }
  [data-disabled] {
    opacity: 0.5;
  }
`;

export interface TextFieldProps {
  label: string;
  labelPlace?: LabelPlace;
  value: string;
  onChange: (value: string) => void;
  onBlur?: () => void;
  /** More than one line. */
  rows?: number;
  maxLength?: number;
  placeholder?: string;
  /** What is wrong with it and what to do; the field is marked as long as this is given. */
  wrong?: string | undefined;
  about?: string;
  inputMode?: 'decimal' | 'numeric' | 'text';
  autoFocus?: boolean;
  /** Not shown while it is typed. */
  isSecret?: boolean;
  isDisabled?: boolean;
  className?: string;
  id?: string;
  testId?: string;
}

/**
 * A text of one line, or of several with `rows`.
 *
 * @example <TextField label="Goal" value={goal} onChange={setGoal} maxLength={120} />
 */
export function TextField({
  label,
  labelPlace = 'above',
  value,
  onChange,
  onBlur,
  rows,
  maxLength,
  placeholder,
  wrong,
  about,
  inputMode,
  autoFocus = false,
  isSecret = false,
  isDisabled = false,
  className,
  id,
  testId,
}: TextFieldProps): ReactNode {
  const given = { placeholder: placeholder ?? '', ...(testId ? { 'data-testid': testId } : {}) };
  return (
    <Frame
      $place={labelPlace}
      value={value}
      onChange={onChange}
      isInvalid={wrong !== undefined}
      isDisabled={isDisabled}
      autoFocus={autoFocus}
      {...(isSecret ? { type: 'password', autoComplete: 'current-password' } : {})}
      {...(onBlur ? { onBlur } : {})}
      {...(maxLength ? { maxLength } : {})}
      {...(inputMode ? { inputMode } : {})}
      {...(className ? { className } : {})}
      {...(id ? { id } : {})}
      {...(labelPlace === 'unseen' ? { 'aria-label': label } : {})}
    >
      {labelPlace !== 'unseen' && <Label>{label}</Label>}
      {rows ? <TextArea rows={rows} {...given} /> : <Input {...given} />}
      {about && <Text slot="description">{about}</Text>}
      {wrong !== undefined && (
        <span role="alert" className="react-aria-FieldError">
          {wrong}
        </span>
      )}
    </Frame>
  );
}
