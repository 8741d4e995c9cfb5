import { zodResolver } from '@hookform/resolvers/zod';
import type { OwnMovement } from '@drimbo/core/movements';
import { useMemo, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { styled } from 'styled-components';
import { z } from 'zod';
import { Button } from '../../parts/button';
import { FormField } from '../../parts/form-field';
import { SheetHead } from '../../parts/sheet';
import { ink, size } from '../../look/theme';

const Form = styled.form`
  padding: 0 12px 12px;
  display: grid;
  gap: 8px;
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .acts {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  > [role='alert'] {
    color: ${ink.ink};
    font-size: ${size.small};
    font-weight: 620;
  }
  p {
    color: ${ink.soft};
    font-size: 12.5px;
  }
`;

const lines = (text: string): string[] =>
  text
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean);

const reps = z
  .string()
  .trim()
  .refine((t) => /^\d{1,3}$/.test(t) && Number(t) >= 1 && Number(t) <= 100, {
    message: 'A whole number, 1 to 100.',
  });
const cue = z.string().trim().min(1, 'Write this cue.').max(160);

/** What is typed, and what is wrong with it in a sentence that says what to do. */
const formSchema = (taken: ReadonlySet<string>) =>
  z
    .object({
      name: z
        .string()
        .trim()
        .min(1, 'Give it a name.')
        .max(80)
        .refine((name) => !taken.has(name.toLowerCase()), {
          message: 'This name is taken: choose another.',
        }),
      aliases: z.string(),
      lo: reps,
      hi: reps,
      setUp: cue,
      path: z
        .string()
        .refine((t) => lines(t).length > 0, { message: 'Write at least one cue for the path.' })
        .refine((t) => lines(t).length <= 3, {
          message: 'At most three cues for the path: a client holds no more.',
        }),
      finish: cue,
      breathing: cue,
      chooseWhen: z.string().trim().min(1, 'Say when to choose it: the reason is what gets lost.').max(240),
    })
    .refine((f) => Number(f.lo) <= Number(f.hi), { path: ['hi'], message: 'Not below the first.' });

/** Name, reps, cues and reason of an own movement; its settings and credits are set on the set-up beside it. */
export function OwnForm({
  own,
  base,
  taken,
  isNew,
  save,
  leave,
}: {
  own: OwnMovement;
  /** What it is made from. */
  base: string;
  /** Names already used, lower case. */
  taken: ReadonlySet<string>;
  isNew: boolean;
  save: (own: OwnMovement) => Promise<void>;
  leave: () => void;
}): ReactNode {
  const schema = useMemo(() => formSchema(taken), [taken]);
  const { control, handleSubmit, setError, formState } = useForm({
    resolver: zodResolver(schema),
    defaultValues: {
      name: own.name,
      aliases: own.aliases.join(', '),
      lo: String(own.homeReps.lo),
      hi: String(own.homeReps.hi),
      setUp: own.cues.setUp,
      path: own.cues.path.join('\n'),
      finish: own.cues.finish,
      breathing: own.cues.breathing,
      chooseWhen: own.chooseWhen,
    },
  });
  const submit = handleSubmit((f) =>
    save({
      ...own,
      name: f.name,
      aliases: f.aliases
        .split(',')
        .map((a) => a.trim())
        .filter(Boolean)
        .slice(0, 12),
      homeReps: { lo: Number(f.lo), hi: Number(f.hi) },
      cues: { setUp: f.setUp, path: lines(f.path), finish: f.finish, breathing: f.breathing },
      chooseWhen: f.chooseWhen,
    }).catch((error: Error) => setError('root', { message: `Not saved: ${error.message}` })),
  );
  return (
    <>
      <SheetHead>
        <h2>{isNew ? 'A movement of your own' : 'Your own movement'}</h2>
        <span>made from {base.toLowerCase()}</span>
      </SheetHead>
      <Form onSubmit={(e) => void submit(e)}>
        <FormField control={control} name="name" label="Name" maxLength={80} autoFocus />
        <FormField control={control} name="aliases" label="Other names, with commas" />
        <div className="two">
          <FormField control={control} name="lo" label="Reps from" inputMode="numeric" />
          <FormField control={control} name="hi" label="to" inputMode="numeric" />
        </div>
        <FormField control={control} name="setUp" label="Cue for the set-up" maxLength={160} />
        <FormField control={control} name="path" label="Cues for the path, one a line" rows={2} />
        <FormField control={control} name="finish" label="Cue for the finish" maxLength={160} />
        <FormField control={control} name="breathing" label="Breath" maxLength={160} />
        <FormField control={control} name="chooseWhen" label="Choose it when" rows={2} maxLength={240} />
        <p>The set-up beside this is where it begins; credits pinned there stay with it.</p>
        {formState.errors.root && <p role="alert">{formState.errors.root.message}</p>}
        <div className="acts">
          <Button kind="strong" type="submit">
            Keep it
          </Button>
          <Button onPress={leave}>Cancel</Button>
        </div>
      </Form>
    </>
  );
}
