import type { Finding } from '@drimbo/core/review';
import { schoolIds } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { setAside } from '../../data/asides';
import type { Designer } from '../../state/use-designer';
import { Select } from '../../parts/select';
import { ReasonForm } from '../shared/reason-form';
import { placeOf, type Scope } from './aside-place';

const isOwn = (school: string): boolean => !(schoolIds as readonly string[]).includes(school);

/** Why a finding is set aside, and for how much: this session, the client, or one of the coach's own schools; fetched with the first press. */
export function AsideForm({
  finding,
  designer,
  onDone,
}: {
  finding: Finding;
  designer: Designer;
  onDone: () => void;
}): ReactNode {
  const [scope, setScope] = useState<Scope>('session');
  const [wrong, setWrong] = useState('');
  const { client } = designer.context;
  const keep = (why: string): void => {
    if (scope === 'session') {
      designer.edit({ do: 'dismiss', finding: finding.key, reason: why }, 'set a finding aside');
      onDone();
    } else
      setAside(placeOf(scope, designer), finding.rule, why).then(onDone, (error: Error) =>
        setWrong(`Not kept: ${error.message}`),
      );
  };
  return (
    <ReasonForm onKeep={keep}>
      <Select
        small
        label="Holds for"
        labelPlace="before"
        value={scope}
        options={[
          ['session', 'this session'],
          ['client', `${client.name.split(' ')[0]}, this rule`],
          ...(isOwn(designer.session.school)
            ? [['school', `${designer.appraisal.school.name}, this rule`] as const]
            : []),
        ]}
        onChange={(to) => to && setScope(to)}
      />
      {wrong && <p role="alert">{wrong}</p>}
    </ReasonForm>
  );
}
