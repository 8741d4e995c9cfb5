import { entries, findEntry, searchEntries } from '@drimbo/core/movements';
import { type LiftRecord, liftRecordSchema } from '@drimbo/core/strength';
import { type MassUnit, readMass } from '@drimbo/core/units';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo, type ReactNode } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { styled } from 'styled-components';
import { z } from 'zod';
import { todayIso } from '../../data/queries';
import { Button } from '../../parts/button';
import { ComboBox } from '../../parts/combo-box';
import { DateField } from '../../parts/date-field';
import { figureFrom } from '../../parts/figure';
import { FormField } from '../../parts/form-field';
import { size } from '../../look/theme';
import { readCount } from '../shared/read';

const Form = styled.form`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  align-items: start;
  padding: 6px 12px 12px;
  .movement {
    grid-column: 1 / span 2;
  }
  [role='alert'] {
    grid-column: 1 / -1;
    font-size: ${size.small};
  }
`;

const testable = entries.filter((e) => e.movement.load.kind !== 'none' && e.movement.family !== 'corrective');

/** A set as typed; the load in the client's unit, or with its own behind it. */
const formSchema = (unit: MassUnit) =>
  z.object({
    entryId: z.string(),
    date: z.string(),
    load: z.string().transform((text, ctx) => {
      const kg = Number(text.trim() || NaN) === 0 ? 0 : readMass(text, unit);
      if (kg === null) ctx.addIssue({ code: 'custom', message: `A load in ${unit}.` });
      return kg ?? 0;
    }),
    reps: z.string().transform((text, ctx) => {
      const reps = readCount(1, 100)(text);
      if (reps === null) ctx.addIssue({ code: 'custom', message: 'Whole reps, from 1.' });
      return reps ?? 1;
    }),
    reserve: z.string().transform((text, ctx) => {
      const left = figureFrom(0, 10)(text);
      if (left === null) ctx.addIssue({ code: 'custom', message: '0 to 10.' });
      return left ?? 0;
    }),
  });

/** A set done as a test: what, when, with what, how often, and what was left. */
export function TestForm({
  unit,
  onAdd,
}: {
  unit: MassUnit;
  onAdd: (record: LiftRecord) => void;
}): ReactNode {
  const schema = useMemo(() => formSchema(unit), [unit]);
  const { control, handleSubmit, reset, setError, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      entryId: 'barbell-bench-press',
      date: todayIso(),
      load: '',
      reps: '',
      reserve: '0',
    },
  });
  const add = handleSubmit((f) => {
    const entry = findEntry(f.entryId)!;
    const record = liftRecordSchema.safeParse({
      movement: entry.movement.id,
      rig: entry.rig,
      date: f.date,
      loadKg: f.load,
      reps: f.reps,
      reserve: f.reserve,
      kind: 'test',
    });
    if (!record.success) return setError('root', { message: 'That load is too large to be a test.' });
    onAdd(record.data);
    reset({ entryId: f.entryId, date: f.date, load: '', reps: '', reserve: '0' });
  });
  return (
    <Form onSubmit={(e) => void add(e)}>
      <Controller
        control={control}
        name="entryId"
        render={({ field }) => (
          <ComboBox
            className="movement"
            label="Movement tested"
            value={field.value}
            options={testable.map((e) => [e.id, e.name])}
            find={(text) => searchEntries(text, 20, testable).map((found) => found.entry.id)}
            onChange={field.onChange}
          />
        )}
      />
      <Controller
        control={control}
        name="date"
        render={({ field }) => (
          <DateField
            label="On"
            value={field.value}
            latest={todayIso()}
            onChange={(day) => day && field.onChange(day)}
          />
        )}
      />
      <FormField control={control} name="load" label={`Load in ${unit}`} inputMode="decimal" />
      <FormField control={control} name="reps" label="Reps" inputMode="numeric" />
      <FormField control={control} name="reserve" label="Reps left" inputMode="decimal" />
      <Button small type="submit">
        Add test
      </Button>
      {formState.errors.root && <p role="alert">{formState.errors.root.message}</p>}
    </Form>
  );
}
