import { newClient } from '@drimbo/core/session';
import { zodResolver } from '@hookform/resolvers/zod';
import { useMemo, useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { idIsThrough } from '../../data/ids';
import { createOnce } from '../../data/create';
import { queryClient, useKits } from '../../data/queries';
import { Button } from '../../parts/button';
import { Dialog } from '../../parts/dialog';
import { Select } from '../../parts/select';
import { BasicFields } from './basic-fields';
import { basicsSchema, noBasics } from './basics';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

/** The client this form makes, whatever becomes of the answer. */
const FORM = 'new client';

/** Adds a client from the few facts nothing can be computed without. */
export function NewClient(): ReactNode {
  const kits = useKits();
  const go = useNavigate();
  const [isOpen, setOpen] = useState(false);
  const [chosen, choose] = useState<string | null>(null);
  const kit = kits.data?.find((k) => k.id === chosen) ?? kits.data?.[0] ?? null;
  const unit = kit?.document.unit ?? 'kg';
  const schema = useMemo(() => basicsSchema(unit), [unit]);
  const { control, handleSubmit, setError, reset, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: noBasics,
  });
  const close = (): void => {
    setOpen(false);
    idIsThrough(FORM);
    reset();
  };
  const add = handleSubmit(async ({ height, mass, ...facts }) => {
    if (!kit) return;
    try {
      const document = newClient({ ...facts, statureM: height, massKg: mass, kitId: kit.id, unit });
      const stored = await createOnce(FORM, 'client', document);
      await queryClient.invalidateQueries({ queryKey: ['roster'] });
      void go(`/clients/${stored.id}`);
    } catch (error) {
      setError('root', { message: (error as Error).message });
    }
  });
  return (
    <>
      <Button onPress={() => setOpen(true)}>Add a client</Button>
      <Dialog title="Add a client" isOpen={isOpen} onClose={close} widthPx={420}>
        {() =>
          kits.data?.length === 0 ? (
            <p>
              A client’s loads are made of what a gym has, so the gym comes first.{' '}
              <Link to="/start">Choose your gym</Link>
            </p>
          ) : (
            <Form onSubmit={(e) => void add(e)}>
              <BasicFields control={control} unit={unit} />
              <Select
                label="Gym"
                value={kit?.id ?? null}
                options={(kits.data ?? []).map((k) => [k.id, k.document.name])}
                onChange={choose}
              />
              {formState.errors.root && <p role="alert">{formState.errors.root.message}</p>}
              <Button kind="strong" type="submit">
                Add
              </Button>
            </Form>
          )
        }
      </Dialog>
    </>
  );
}
