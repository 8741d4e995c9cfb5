import type { Finding, Fix } from '@drimbo/core/review';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { bringRuleBack } from '../../data/asides';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Mark } from '../../parts/mark';
import { TextButton } from '../../parts/text-button';
import { groundWords } from '../rules/words';
import { FindingItem } from '../shared/finding-item';
import { placeOf, type Scope } from './aside-place';
import { FixButton } from './fix-button';

const AsideForm = lazy(() => import('./aside-form').then((m) => ({ default: m.AsideForm })));

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
    <FindingItem
      $off={finding.dismissed !== null}
      $closed={!isOpen}
      data-rule={finding.rule}
      data-severity={finding.severity}
    >
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
            {finding.dismissed === null && finding.searched && finding.fixes.length === 0 && (
              <p>No single change mends this without costing more than it brings; it is yours to weigh.</p>
            )}
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
              <Suspense fallback={null}>
                <AsideForm
                  finding={finding}
                  designer={designer}
                  onDone={() => {
                    setAsking(false);
                    onKept();
                  }}
                />
              </Suspense>
            )}
          </>
        )}
      </div>
    </FindingItem>
  );
}
