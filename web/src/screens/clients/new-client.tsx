import { clientSchema, clientVersion, type Client } from '@drimbo/core/session/client';
import { useState, type ReactNode } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../../data/api';
import { newId, queryClient, useKits, type Stored } from '../../data/queries';
import { readFigure } from '../shared/read';
import { Act } from '../../parts/act';
import { Choice, Field, Label } from '../../parts/fields';
import { Box, Veil } from '../../parts/veil';

const Form = styled.form`
  display: grid;
  gap: 10px;
`;

/** Adds a client from the few facts nothing can be computed without. */
export function NewClient(): ReactNode {
  const kits = useKits();
  const go = useNavigate();
  const [name, setName] = useState('');
  const [statureCm, setStature] = useState('175');
  const [massKg, setMass] = useState('75');
  const [kitId, setKit] = useState('');
  const [wrong, setWrong] = useState('');
  const add = async (): Promise<void> => {
    const kit = kitId || kits.data?.[0]?.id || '';
    const draft: Client = {
      format: 'drimbo.client',
      version: clientVersion,
      name: name.trim(),
      about: '',
      born: null,
      statureM: (readFigure(120, 230)(statureCm) ?? NaN) / 100,
      massKg: readFigure(35, 250)(massKg) ?? NaN,
      biacromialM: null,
      trainingAge: '1 to 3 years',
      goal: 'Size',
      lagging: [],
      limits: [],
      minutes: 60,
      daysAWeek: 3,
      kitId: kit,
      unit: 'kg',
      likes: '',
      health: { askFirst: false, reason: '', clearedBy: '', askedOn: '' },
      formula: 'median',
      tests: [],
    };
    if (draft.name === '') return setWrong('Give a name.');
    if (!clientSchema.safeParse(draft).success)
      return setWrong('Stature is 120–230 cm and bodyweight 35–250 kg.');
    try {
      const stored = await api.post<Stored<Client>>('/clients', { id: newId('client'), document: draft });
      await queryClient.invalidateQueries({ queryKey: ['roster'] });
      void go(`/clients/${stored.id}`);
    } catch (error) {
      setWrong((error as Error).message);
    }
  };
  return (
    <DialogTrigger>
      <Act>Add a client</Act>
      <Veil isDismissable>
        <Box $widthPx={420}>
          <Dialog>
            <Heading slot="title">Add a client</Heading>
            <Form
              onSubmit={(e) => {
                e.preventDefault();
                void add();
              }}
            >
              <Label>
                Name
                <Field autoFocus value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
              </Label>
              <Label>
                Stature, cm
                <Field inputMode="decimal" value={statureCm} onChange={(e) => setStature(e.target.value)} />
              </Label>
              <Label>
                Bodyweight, kg
                <Field inputMode="decimal" value={massKg} onChange={(e) => setMass(e.target.value)} />
              </Label>
              <Label>
                Gym
                <Choice value={kitId || kits.data?.[0]?.id || ''} onChange={(e) => setKit(e.target.value)}>
                  {kits.data?.map((k) => (
                    <option key={k.id} value={k.id}>
                      {k.document.name}
                    </option>
                  ))}
                </Choice>
              </Label>
              {wrong && <p role="alert">{wrong}</p>}
              <Act kind="strong" type="submit">
                Add
              </Act>
            </Form>
          </Dialog>
        </Box>
      </Veil>
    </DialogTrigger>
  );
}
