import type { OwnMovement } from '@drimbo/core/movements/notebook';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { Act } from '../../parts/act';
import { Area, Field, Label } from '../../parts/fields';
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
  [role='alert'] {
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

/** What is wrong with an own movement, in a sentence that says what to do; null when nothing is. */
function wrongWith(own: OwnMovement, taken: ReadonlySet<string>): string | null {
  if (own.name === '') return 'Give it a name.';
  if (taken.has(own.name.toLowerCase())) return `“${own.name}” is taken: choose another name.`;
  const { lo, hi } = own.homeReps;
  if (!(Number.isInteger(lo) && Number.isInteger(hi) && lo >= 1 && hi <= 100 && lo <= hi))
    return 'Reps are two whole numbers between 1 and 100, the lower first.';
  if (
    own.cues.setUp === '' ||
    own.cues.path.length === 0 ||
    own.cues.finish === '' ||
    own.cues.breathing === ''
  )
    return 'Fill in every cue: the set-up, at least one for the path, the finish and the breath.';
  if (own.cues.path.length > 3) return 'At most three cues for the path: a client holds no more.';
  if (own.chooseWhen === '') return 'Say when to choose it: the reason is what gets lost.';
  return null;
}

/** Name, reps, cues and reason of an own movement; its settings and credits are set on the rig beside it. */
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
  const [name, setName] = useState(own.name);
  const [aliases, setAliases] = useState(own.aliases.join(', '));
  const [lo, setLo] = useState(String(own.homeReps.lo));
  const [hi, setHi] = useState(String(own.homeReps.hi));
  const [setUp, setSetUp] = useState(own.cues.setUp);
  const [path, setPath] = useState(own.cues.path.join('\n'));
  const [finish, setFinish] = useState(own.cues.finish);
  const [breathing, setBreathing] = useState(own.cues.breathing);
  const [chooseWhen, setChooseWhen] = useState(own.chooseWhen);
  const [wrong, setWrong] = useState<string | null>(null);

  const submit = (): void => {
    const next: OwnMovement = {
      ...own,
      name: name.trim(),
      aliases: aliases
        .split(',')
        .map((a) => a.trim())
        .filter(Boolean)
        .slice(0, 12),
      homeReps: { lo: Number(lo), hi: Number(hi) },
      cues: { setUp: setUp.trim(), path: lines(path), finish: finish.trim(), breathing: breathing.trim() },
      chooseWhen: chooseWhen.trim(),
    };
    const why = wrongWith(next, taken);
    setWrong(why);
    if (why === null) save(next).catch((error: Error) => setWrong(`Not saved: ${error.message}`));
  };
  return (
    <>
      <SheetHead>
        <h2>{isNew ? 'A movement of your own' : 'Your own movement'}</h2>
        <span>made from {base.toLowerCase()}</span>
      </SheetHead>
      <Form
        onSubmit={(e) => {
          e.preventDefault();
          submit();
        }}
      >
        <Label>
          Name
          <Field value={name} maxLength={80} onChange={(e) => setName(e.target.value)} autoFocus />
        </Label>
        <Label>
          Other names, with commas
          <Field value={aliases} onChange={(e) => setAliases(e.target.value)} />
        </Label>
        <div className="two">
          <Label>
            Reps from
            <Field inputMode="numeric" value={lo} onChange={(e) => setLo(e.target.value)} />
          </Label>
          <Label>
            to
            <Field inputMode="numeric" value={hi} onChange={(e) => setHi(e.target.value)} />
          </Label>
        </div>
        <Label>
          Cue for the set-up
          <Field value={setUp} maxLength={160} onChange={(e) => setSetUp(e.target.value)} />
        </Label>
        <Label>
          Cues for the path, one a line
          <Area rows={2} value={path} onChange={(e) => setPath(e.target.value)} />
        </Label>
        <Label>
          Cue for the finish
          <Field value={finish} maxLength={160} onChange={(e) => setFinish(e.target.value)} />
        </Label>
        <Label>
          Breath
          <Field value={breathing} maxLength={160} onChange={(e) => setBreathing(e.target.value)} />
        </Label>
        <Label>
          Choose it when
          <Area rows={2} maxLength={240} value={chooseWhen} onChange={(e) => setChooseWhen(e.target.value)} />
        </Label>
        <p>The rig beside this is where it begins; credits pinned there stay with it.</p>
        {wrong && <p role="alert">{wrong}</p>}
        <div className="acts">
          <Act kind="strong" type="submit">
            Keep it
          </Act>
          <Act onPress={leave}>Leave it</Act>
        </div>
      </Form>
    </>
  );
}
