import { type Client, clientVersion, neverAsked } from '@drimbo/core/session';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { z } from 'zod';
import { idIsThrough } from '../../data/ids';
import { createOnce } from '../../data/create';
import { queryClient, useKits } from '../../data/queries';
import { Button } from '../../parts/button';
import { Dialog } from '../../parts/dialog';
import { figureFrom } from '../../parts/figure';
import { FormField } from '../../parts/form-field';
import { Select } from '../../parts/select';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

const figure = (lo: number, hi: number, says: string) =>
  z.string().transform((text, ctx) => {
    const n = figureFrom(lo, hi)(text);
    if (n === null) ctx.addIssue({ code: 'custom', message: says });
    return n ?? lo;
  });
const schema = z.object({
  name: z.string().trim().min(1, 'Give a name.').max(80),
  statureCm: figure(120, 230, 'Stature is 120–230 cm.'),
  massKg: figure(35, 250, 'Bodyweight is 35–250 kg.'),
});

const clientFrom = (facts: z.output<typeof schema>, kitId: string): Client => ({
  format: 'drimbo.client',
  version: clientVersion,
  name: facts.name,
  about: '',
  born: null,
  statureM: facts.statureCm / 100,
  massKg: facts.massKg,
  biacromialM: null,
  trainingAge: '1 to 3 years',
  goal: 'Size',
  lagging: [],
  limits: [],
  minutes: 60,
  daysAWeek: 3,
  kitId,
  unit: 'kg',
  likes: '',
  aim: 'size',
  competes: 'no',
  health: neverAsked,
  aside: [],
  formula: 'median',
  tests: [],
  deletedTests: [],
  body: [],
  ratings: [],
  notes: [],
});

/** The client this form makes, whatever becomes of the answer. */
const FORM = 'new client';

/** Adds a client from the few facts nothing can be computed without. */
export function NewClient(): ReactNode {
  const kits = useKits();
  const go = useNavigate();
  const [isOpen, setOpen] = useState(false);
  const [kitId, setKit] = useState<string | null>(null);
  const { control, handleSubmit, setError, reset, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: { name: '', statureCm: '175', massKg: '75' },
  });
  const kit = kitId ?? kits.data?.[0]?.id ?? null;
  const close = (): void => {
    setOpen(false);
    idIsThrough(FORM);
    reset();
  };
  const add = handleSubmit(async (facts) => {
    try {
      const document = clientFrom(facts, kit ?? '');
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
        {() => (
          <Form onSubmit={(e) => void add(e)}>
            <FormField control={control} name="name" label="Name" maxLength={80} autoFocus />
            <FormField control={control} name="statureCm" label="Stature, cm" inputMode="decimal" />
            <FormField control={control} name="massKg" label="Bodyweight, kg" inputMode="decimal" />
            <Select
              label="Gym"
              value={kit}
              options={(kits.data ?? []).map((k) => [k.id, k.document.name])}
              onChange={setKit}
            />
            {formState.errors.root && <p role="alert">{formState.errors.root.message}</p>}
            <Button kind="strong" type="submit">
              Add
            </Button>
          </Form>
        )}
      </Dialog>
    </>
  );
}
