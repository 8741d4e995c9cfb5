import { trainingAges } from '@drimbo/core/session';
import type { MassUnit } from '@drimbo/core/units';
import type { ReactNode } from 'react';
import { Controller, type Control } from 'react-hook-form';
import type { z } from 'zod';
import { FormField } from '../../parts/form-field';
import { Select } from '../../parts/select';
import type { basicsSchema } from './basics';

type Typed = z.input<ReturnType<typeof basicsSchema>>;

/** The fields of somebody new, of a form that keeps them under these names. */
export function BasicFields<T extends Typed, U>({
  control,
  unit,
}: {
  control: Control<T, unknown, U>;
  unit: MassUnit;
}): ReactNode {
  const of = control as unknown as Control<Typed>;
  return (
    <>
      <FormField control={of} name="name" label="Name" maxLength={80} autoFocus />
      <FormField control={of} name="height" label="Height, cm or ft in" />
      <FormField control={of} name="mass" label={`Bodyweight, ${unit}`} inputMode="decimal" />
      <Controller
        control={of}
        name="trainingAge"
        render={({ field }) => (
          <Select
            label="Has trained for"
            value={field.value}
            options={trainingAges.map((age) => [age, age])}
            onChange={(age) => age && field.onChange(age)}
          />
        )}
      />
    </>
  );
}
