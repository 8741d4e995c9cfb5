import type { Finding, Fix } from '@drimbo/core/review';
import { schoolIds } from '@drimbo/core/session';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { bringRuleBack, setAside, type AsidePlace } from '../../data/asides';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Mark } from '../../parts/mark';
import { Select } from '../../parts/select';
import { TextButton } from '../../parts/text-button';
import { TextField } from '../../parts/text-field';
import { groundWords } from '../rules/words';
import { FindingItem } from '../shared/finding-item';
import { FixButton } from './fix-button';

type Scope = NonNullable<Finding['asideFor']>;

const isOwn = (school: string): boolean => !(schoolIds as readonly string[]).includes(school);

const placeOf = (scope: Exclude<Scope, 'session'>, { session }: Designer): AsidePlace => ({
  for: scope,
  id: scope === 'client' ? session.clientId : session.school,
});

/** Why a finding is set aside, and for how much: this session, the client, or one of the coach's own schools. */
function AsideForm({
  finding,
  designer,
  onDone,
}: {
  finding: Finding;
  designer: Designer;
  onDone: () => void;
}): ReactNode {
  const [reason, setReason] = useState('');
  const [scope, setScope] = useState<Scope>('session');
  const [wrong, setWrong] = useState('');
  const { client } = designer.context;
  const keep = (): void => {
    const why = reason.trim();
    if (why === '') return;
    if (scope === 'session') {
      designer.edit({ do: 'dismiss', finding: finding.key, reason: why }, 'set a finding aside');
      onDone();
    } else
      setAside(placeOf(scope, designer), finding.rule, why).then(onDone, (error: Error) =>
        setWrong(`Not kept: ${error.message}`),
      );
  };
  return (
    <form
      style={{ display: 'flex', flexWrap: 'wrap', gap: 4, marginTop: 5 }}
      onSubmit={(e) => {
        e.preventDefault();
        keep();
      }}
    >
      <TextField
        label="Why go on anyway"
        labelPlace="unseen"
        placeholder="Why go on anyway?"
        autoFocus
        value={reason}
        maxLength={300}
        onChange={setReason}
      />
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
      <Button small type="submit" isDisabled={reason.trim() === ''}>
        Keep it
      </Button>
      {wrong && <p role="alert">{wrong}</p>}
    </form>
  );
}

const heldFor: Record<Scope, string> = {
  session: '',
  client: ', for this client',
  school: ', for this school',
};

/** One line of the review: its sign and what is the matter; opened, why, the remedies, its rule, and the way to set it aside. */
export function OneFinding({
  finding,
  designer,
  isOpen,
  onToggle,
  onMend,
  onKept,
}: {
  finding: Finding;
  designer: Designer;
  isOpen: boolean;
  onToggle: () => void;
  /** A remedy was taken. */
  onMend: (fix: Fix) => void;
  /** It was set aside. */
  onKept: () => void;
}): ReactNode {
  const [asking, setAsking] = useState(false);
  const focusOn = finding.on.find((id) => designer.appraisal.lines.some((m) => m.id === id));
  const recall = (): void => {
    const { asideFor } = finding;
    if (asideFor === 'client' || asideFor === 'school')
      void bringRuleBack(placeOf(asideFor, designer), finding.rule);
    else designer.edit({ do: 'recall', finding: finding.key }, 'bring a finding back');
  };
  const press = (): void => {
    if (focusOn && !isOpen) designer.select(focusOn);
    onToggle();
  };
  return (
    <FindingItem $off={finding.dismissed !== null} $closed={!isOpen} data-rule={finding.rule}>
      <Mark severity={finding.severity} wordless />
      <div>
        <h3>
          <TextButton className="head" aria-expanded={isOpen} onPress={press}>
            {finding.what}
          </TextButton>
        </h3>
        {isOpen && <p>{finding.why}</p>}
        {finding.dismissed !== null && (
          <p>
            Going on{heldFor[finding.asideFor ?? 'session']} because: {finding.dismissed}
          </p>
        )}
        {isOpen && (
          <>
            <div className="foot">
              {finding.dismissed === null &&
                finding.fixes.map((fix) => (
                  <FixButton key={fix.label} fix={fix} onTake={() => onMend(fix)} />
                ))}
              {finding.dismissed === null ? (
                <Button small kind="quiet" aria-expanded={asking} onPress={() => setAsking(!asking)}>
                  Set aside
                </Button>
              ) : (
                <Button small kind="quiet" onPress={recall}>
                  Bring back
                </Button>
              )}
              <Link className="ground" to={`/rules/${finding.rule}`}>
                {groundWords[finding.ground]}
              </Link>
            </div>
            {asking && finding.dismissed === null && (
              <AsideForm
                finding={finding}
                designer={designer}
                onDone={() => {
                  setAsking(false);
                  onKept();
                }}
              />
            )}
          </>
        )}
      </div>
    </FindingItem>
  );
}
