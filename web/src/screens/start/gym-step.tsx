import { emptyKit, usualGym, type UsualGymId, usualGymIds, usualGymWords } from '@drimbo/core/kit';
import type { MassUnit } from '@drimbo/core/units';
import { useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { createOnce } from '../../data/create';
import { queryClient } from '../../data/queries';
import { Button } from '../../parts/button';
import { RadioGroup } from '../../parts/radio-group';
import { TextField } from '../../parts/text-field';

const OWN = 'own';

/** What stands in the gym: one of the usual kinds to begin from, or an empty one to be written down. */
export function GymStep(): ReactNode {
  const go = useNavigate();
  const [kind, setKind] = useState<UsualGymId | typeof OWN>('small');
  const [unit, setUnit] = useState<MassUnit>('kg');
  const [name, setName] = useState('My gym');
  const [wrong, setWrong] = useState('');
  const keep = async (): Promise<void> => {
    const called = name.trim();
    const kit = kind === OWN ? emptyKit(called, unit) : usualGym(kind, unit, called);
    const stored = await createOnce('first gym', 'kit', kit);
    await queryClient.invalidateQueries({ queryKey: ['kits'] });
    if (kind === OWN) void go(`/kit/${stored.id}`);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        setWrong('');
        keep().catch((error: Error) => setWrong(error.message));
      }}
    >
      <p>
        Every load in Drimbo can be made of what stands there. Take the nearest; each figure can be changed
        later.
      </p>
      <RadioGroup
        label="What kind of gym"
        value={kind}
        autoFocus
        onChange={setKind}
        options={[
          ...usualGymIds.map((id) => ({
            value: id,
            words: `${usualGymWords(id).name}:`,
            about: usualGymWords(id).about,
          })),
          { value: OWN, words: 'None of these:', about: 'an empty one, to be written down piece by piece' },
        ]}
      />
      <RadioGroup
        label="Loads are marked in"
        isRow
        value={unit}
        onChange={setUnit}
        options={[
          { value: 'kg', words: 'kilograms' },
          { value: 'lb', words: 'pounds' },
        ]}
      />
      <div className="fields">
        <TextField label="What it is called" value={name} maxLength={80} onChange={setName} />
      </div>
      {wrong && <p role="alert">{wrong}</p>}
      <div className="feet">
        <Button kind="strong" type="submit" isDisabled={name.trim() === ''}>
          Use this gym
        </Button>
      </div>
    </form>
  );
}
