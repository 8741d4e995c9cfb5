import { differing, merged, partName, partText, type Part } from '@drimbo/core/documents';
import type { MassUnit } from '@drimbo/core/units';
import { format } from 'date-fns';
import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Conflicting } from '../../state/saving';
import { RadioGroup } from '../../parts/radio-group';
import { Button } from '../../parts/button';
import { ink, size } from '../../look/theme';

const Banner = styled.div`
  display: grid;
  gap: 8px;
  background: ${ink.raised};
  border: 1.5px solid ${ink.ink};
  border-radius: 4px;
  padding: 10px 12px;
  margin-bottom: 10px;
  font-size: ${size.small};
  .feet {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
`;
const Choices = styled.div`
  display: grid;
  gap: 0;
  max-height: 38vh;
  overflow: auto;
  .react-aria-RadioGroup {
    grid-template-columns: minmax(120px, 1fr) minmax(0, 2fr) minmax(0, 2fr);
    gap: 4px 10px;
    align-items: stretch;
    padding: 3px 0;
    border-top: 1px solid ${ink.hush};
  }
  .react-aria-Radio {
    padding: 4px 8px;
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    overflow-wrap: anywhere;
  }
  .react-aria-Radio[data-selected] {
    border-color: ${ink.ink};
    font-weight: 620;
  }
  @media (max-width: 640px) {
    .react-aria-RadioGroup {
      grid-template-columns: 1fr;
    }
  }
`;

/** One part that both versions have changed, or one of them, and which of the two is to stay. */
function PartChoice<T extends object>({
  kind,
  part,
  unit,
  isTheirs,
  onChange,
}: {
  kind: Conflicting<T>['kind'];
  part: Part;
  unit: MassUnit;
  isTheirs: boolean;
  onChange: (isTheirs: boolean) => void;
}): ReactNode {
  return (
    <RadioGroup
      label={partName(kind, part)}
      value={isTheirs ? 'theirs' : 'mine'}
      onChange={(value) => onChange(value === 'theirs')}
      options={[
        { value: 'mine', words: `here: ${partText(kind, part, 'mine', unit)}` },
        { value: 'theirs', words: `there: ${partText(kind, part, 'theirs', unit)}` },
      ]}
    />
  );
}

/** Two versions of one document: says in which parts they differ, and lets the coach choose part by part. */
export function Deciding<T extends object>({
  conflict,
  unit,
}: {
  conflict: Conflicting<T>;
  unit: MassUnit;
}): ReactNode {
  const { kind, base, mine, theirs, settle } = conflict;
  const parts = differing(kind, base, mine, theirs.document);
  const [turned, setTurned] = useState<ReadonlyMap<string, boolean>>(new Map());
  const isTheirs = (part: Part): boolean => turned.get(part.key) ?? part.changedBy === 'theirs';
  const chosen = (): T => {
    const keys = parts.filter(isTheirs).map((part) => part.key);
    return merged(kind, mine, theirs.document, new Set(keys));
  };
  return (
    <Banner role="alert" data-testid="conflict">
      <p>
        <strong>Changed somewhere else at {format(theirs.updatedAt, 'HH:mm')}.</strong> Nothing is lost: yours
        is kept on this device until you choose.
      </p>
      <Choices>
        {parts.map((part) => (
          <PartChoice
            key={part.key}
            kind={kind}
            part={part}
            unit={unit}
            isTheirs={isTheirs(part)}
            onChange={(to) => setTurned(new Map(turned).set(part.key, to))}
          />
        ))}
      </Choices>
      <div className="feet">
        <Button kind="strong" onPress={() => settle(chosen())}>
          Save it as chosen
        </Button>
        <Button onPress={() => settle(mine)}>Keep mine</Button>
        <Button onPress={() => settle(theirs.document)}>Take theirs</Button>
      </div>
    </Banner>
  );
}
