import { type Said, type Technique, techniques } from '@drimbo/core/log';
import { faults } from '@drimbo/core/movements';
import type { ReactNode } from 'react';
import { Disclosure } from '../../parts/disclosure';
import { RadioGroup } from '../../parts/radio-group';
import { Select } from '../../parts/select';
import { Stepper } from '../../parts/stepper';

const techniqueWords: Record<Technique, string> = {
  clean: 'clean to the last rep',
  slipping: 'slipping at the end',
  broke: 'broke: it counts for volume only',
};

/** How it was, when somebody wants to say it. */
export function How({
  said,
  say,
  faultIds,
}: {
  said: Said;
  say: (said: Said) => void;
  /** What goes wrong in this movement. */
  faultIds: readonly string[];
}): ReactNode {
  const grades = (list: readonly string[]) => list.map((words, i) => ({ value: String(i), words }));
  return (
    <Disclosure says="How was it">
      <RadioGroup
        label="Technique"
        value={said.technique ?? ('' as Technique)}
        options={techniques.map((t) => ({ value: t, words: techniqueWords[t] }))}
        onChange={(technique) =>
          say({ ...said, technique, fault: technique === 'clean' ? null : said.fault })
        }
      />
      {(said.technique === 'slipping' || said.technique === 'broke') && faultIds.length > 0 && (
        <Select
          label="What was seen"
          value={said.fault}
          none="nothing in particular"
          options={faultIds.map((id) => [id, faults[id]!.seen])}
          onChange={(fault) => say({ ...said, fault })}
        />
      )}
      <RadioGroup
        label="Felt where it should be"
        isRow
        value={said.felt === null ? '' : String(said.felt)}
        options={grades(['not', 'little', 'well', 'only there'])}
        onChange={(felt) => say({ ...said, felt: Number(felt) })}
      />
      <Stepper
        label="Comfort, 0 hurts to 10"
        value={said.comfort}
        lo={0}
        hi={10}
        onChange={(comfort) => say({ ...said, comfort })}
      />
    </Disclosure>
  );
}
