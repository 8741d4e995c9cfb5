import type { Stored } from '@drimbo/core/contract';
import { type Kit, missingFor } from '@drimbo/core/kit';
import { findEntry } from '@drimbo/core/movements';
import { newClient } from '@drimbo/core/session';
import { liftRecordSchema } from '@drimbo/core/strength';
import { type MassUnit, readMass } from '@drimbo/core/units';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo, useState, type ReactNode } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { z } from 'zod';
import { createOnce } from '../../data/create';
import { queryClient, todayIso } from '../../data/queries';
import { Button } from '../../parts/button';
import { FormField } from '../../parts/form-field';
import { Select } from '../../parts/select';
import { BasicFields } from '../clients/basic-fields';
import { basicsSchema, noBasics } from '../clients/basics';
import { readCount } from '../shared/read';

/** Lifts that most people have a set of in mind; the first one this gym has is asked for. */
const lifts = [
  'barbell-bench-press',
  'dumbbell-bench-press',
  'incline-dumbbell-press',
  'seated-dumbbell-press',
  'standing-barbell-press',
  'chest-press-machine',
].map((id) => findEntry(id)!);

const schemaIn = (unit: MassUnit) =>
  basicsSchema(unit)
    .extend({ lift: z.string(), load: z.string(), reps: z.string() })
    .superRefine(({ load, reps }, ctx) => {
      if (load.trim() === '' && reps.trim() === '') return;
      const kg = readMass(load, unit);
      if (kg === null || kg <= 0)
        ctx.addIssue({ code: 'custom', path: ['load'], message: `A load in ${unit}.` });
      if (readCount(1, 30)(reps) === null)
        ctx.addIssue({ code: 'custom', path: ['reps'], message: 'Whole reps, 1 to 30.' });
    });

/** Who is coached first: a name, height, bodyweight, and one set they did all out, if one is known. */
export function ClientStep({ kit: { id: kitId, document: kit } }: { kit: Stored<Kit> }): ReactNode {
  const { unit } = kit;
  const here = lifts.filter((e) => missingFor(kit, e.movement, e.rig) === null);
  const [wrong, setWrong] = useState('');
  const schema = useMemo(() => schemaIn(unit), [unit]);
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { ...noBasics, lift: here[0]?.id ?? '', load: '', reps: '' },
  });
  const add = handleSubmit(async ({ height, mass, lift, load, reps, ...facts }) => {
    setWrong('');
    const entry = findEntry(lift);
    const count = readCount(1, 30)(reps);
    const record =
      entry &&
      count !== null &&
      liftRecordSchema.safeParse({
        movement: entry.movement.id,
        rig: entry.rig,
        date: todayIso(),
        loadKg: readMass(load, unit),
        reps: count,
        reserve: 0,
        kind: 'test',
      });
    if (record && !record.success) return setWrong('That load is too large to be a set.');
    const known = newClient({ ...facts, statureM: height, massKg: mass, kitId, unit });
    try {
      await createOnce('first client', 'client', { ...known, tests: record ? [record.data] : [] });
      await queryClient.invalidateQueries({ queryKey: ['roster'] });
    } catch (error) {
      setWrong((error as Error).message);
    }
  });
  return (
    <form onSubmit={(e) => void add(e)}>
      <p>These few facts are enough to begin. Injuries, weak points and more go on the client’s page.</p>
      <div className="fields">
        <BasicFields control={control} unit={unit} />
      </div>
      {here.length > 0 && (
        <>
          <p>A set they did all out, if you know one; loads of the other lifts are worked out from it.</p>
          <div className="fields">
            <Controller
              control={control}
              name="lift"
              render={({ field }) => (
                <Select
                  label="Movement"
                  value={field.value}
                  options={here.map((e) => [e.id, e.name])}
                  onChange={(id) => id && field.onChange(id)}
                />
              )}
            />
            <FormField control={control} name="load" label={`Load, ${unit}`} inputMode="decimal" />
            <FormField control={control} name="reps" label="Reps" inputMode="numeric" />
          </div>
        </>
      )}
      {wrong && <p role="alert">{wrong}</p>}
      <div className="feet">
        <Button kind="strong" type="submit">
          Add this client
        </Button>
      </div>
    </form>
  );
}
