import type { ReactNode } from 'react';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { TextField, type TextFieldProps } from './text-field';

/**
 * A text field of a form kept by React Hook Form: what its schema says is wrong stands under the field.
 *
 * @example <FormField control={form.control} name="name" label="Name" maxLength={80} />
 */
export const FormField = <T extends FieldValues, C, U>({
  control,
  name,
  ...shown
}: Omit<TextFieldProps, 'value' | 'onChange' | 'onBlur' | 'wrong'> & {
  control: Control<T, C, U>;
  name: FieldPath<T>;
}): ReactNode => (
  <Controller
    control={control}
    name={name}
    render={({ field, fieldState }) => (
      <TextField
        {...shown}
        value={String(field.value ?? '')}
        onChange={field.onChange}
        onBlur={field.onBlur}
        wrong={fieldState.error?.message}
      />
    )}
  />
);
