import type { Finding } from '@drimbo/core/review';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { bringRuleBack } from '../../data/asides';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { groundWords } from '../rules/words';
import { FindingList, type OfList } from '../shared/finding-list';
import { placeOf, type Scope } from './aside-place';
import { FixButton } from './fix-button';

const AsideForm = lazy(() => import('./aside-form').then((m) => ({ default: m.AsideForm })));

const heldFor: Record<Scope, string> = {
  session: '',
  client: ', for this client',
  school: ', for this school',
};

/** What stands under a line of the review: opened, why, the remedies, its rule, and the way to set it aside. */
function OneFinding({
  finding,
  designer,
  list: { isOpen, mend },
}: {
  finding: Finding;
  designer: Designer;
  list: OfList;
}): ReactNode {
  const [asking, setAsking] = useState(false);
  const recall = (): void => {
    const { asideFor } = finding;
    if (asideFor === 'client' || asideFor === 'school')
      void bringRuleBack(placeOf(asideFor, designer), finding.rule);
    else designer.edit({ do: 'recall', finding: finding.key }, 'bring a finding back');
  };
  return (
    <>
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
                <FixButton
                  key={fix.label}
                  fix={fix}
                  onTake={() => mend(fix.label, () => designer.edit(fix.edit, fix.label.toLowerCase()))}
                />
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
                  designer.ask(finding.key);
                }}
              />
            </Suspense>
          )}
        </>
      )}
    </>
  );
}

/** The findings of the session; opening one selects the movement it is about. `children`: what stands there without any. */
export function SessionFindings({
  designer,
  id,
  children,
}: {
  designer: Designer;
  id: string;
  children?: ReactNode;
}): ReactNode {
  const select = ({ on }: Finding): void => {
    const line = on.find((one) => designer.appraisal.lines.some((m) => m.id === one));
    if (line) designer.select(line);
  };
  return (
    <FindingList
      findings={designer.appraisal.findings}
      asked={designer.asked}
      ask={designer.ask}
      id={id}
      onPress={select}
      row={(finding, list) => <OneFinding finding={finding} designer={designer} list={list} />}
    >
      {children}
    </FindingList>
  );
}
