import { type BlockFinding, type BlockFix, weeksText } from '@drimbo/core/block';
import { type GroupId, groupNames } from '@drimbo/core/anatomy';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import type { BlockDesk } from '../../state/use-block';
import { FindingList, type OfList } from '../shared/finding-list';
import { ReasonForm } from '../shared/reason-form';
import { groundWords } from '../rules/words';

const signed = (n: number): string => `${n > 0 ? '+' : '−'}${Math.abs(Math.round(n * 2) / 2)}`;

/** What a remedy of the week changes, as it stands on its button. */
function effectWords({ effect }: BlockFix): string {
  const dose = (Object.entries(effect.dose) as [GroupId, number][]).map(
    ([g, by]) => `${groupNames[g].toLowerCase()} ${signed(by)}`,
  );
  const minutes = Math.round(effect.minutes);
  return [...dose, ...(minutes === 0 ? [] : [`${signed(minutes)} min a week`])].join(', ');
}

function Aside({
  finding,
  desk,
  onDone,
}: {
  finding: BlockFinding;
  desk: BlockDesk;
  onDone: () => void;
}): ReactNode {
  const keep = (reason: string): void => {
    const others = desk.block.dismissed.filter((d) => d.finding !== finding.key);
    const dismissed = [...others, { finding: finding.key, reason }];
    desk.take({ block: { dismissed }, sessions: [] }, 'set a finding aside');
    onDone();
  };
  return <ReasonForm onKeep={keep} />;
}

function One({
  finding: f,
  desk,
  onWeek,
  list: { isOpen, mend },
}: {
  finding: BlockFinding;
  desk: BlockDesk;
  onWeek: (week: number) => void;
  list: OfList;
}): ReactNode {
  const [asking, setAsking] = useState(false);
  const recall = (): void => {
    const dismissed = desk.block.dismissed.filter((d) => d.finding !== f.key);
    desk.take({ block: { dismissed }, sessions: [] }, 'bring a finding back');
  };
  const comes = f.fixes.flatMap((fix) => fix.effect.comes)[0];
  return (
    <>
      {isOpen && <p>{f.why}</p>}
      {f.dismissed !== null && <p>Going on because: {f.dismissed}</p>}
      {isOpen && (
        <>
          <div className="foot">
            {f.dismissed === null &&
              f.fixes.map((fix) => (
                <Button
                  key={fix.label}
                  small
                  onPress={() => mend(fix.label, () => desk.take(fix.change, fix.label.toLowerCase()))}
                >
                  {fix.label}
                  <span style={{ fontWeight: 420 }}>{effectWords(fix)}</span>
                </Button>
              ))}
            {comes !== undefined && <p style={{ flexBasis: '100%' }}>It brings: {comes}</p>}
            {f.dismissed === null ? (
              <Button small kind="quiet" aria-expanded={asking} onPress={() => setAsking(!asking)}>
                Set aside
              </Button>
            ) : (
              <Button small kind="quiet" onPress={recall}>
                Bring back
              </Button>
            )}
            <Button small kind="quiet" onPress={() => onWeek(f.weeks[0]!)}>
              {weeksText(f.weeks)}
            </Button>
            <Link className="ground" to={`/rules/${f.rule}`}>
              {groundWords[f.ground]}
            </Link>
          </div>
          {asking && f.dismissed === null && (
            <Aside finding={f} desk={desk} onDone={() => setAsking(false)} />
          )}
        </>
      )}
    </>
  );
}

/** What the rules of the week say of the weeks to come, with remedies that are edits of the block or its sessions. */
export function Findings({ desk, onWeek }: { desk: BlockDesk; onWeek: (week: number) => void }): ReactNode {
  const { appraisal, isLooking } = desk;
  const [asked, ask] = useState<string | null | undefined>(undefined);
  if (!appraisal) return <p style={{ padding: 12, color: ink.soft }}>Measuring every week…</p>;
  const { findings } = appraisal;
  return (
    <>
      <FindingList
        findings={findings}
        asked={asked}
        ask={ask}
        id="review-of-weeks"
        row={(f, list) => <One finding={f} desk={desk} onWeek={onWeek} list={list} />}
      >
        <li style={{ padding: '6px 12px 12px', color: ink.soft }}>
          Nothing speaks against the weeks to come.
        </li>
      </FindingList>
      {isLooking && findings.length > 0 && (
        <p role="status" style={{ padding: '4px 12px 10px', color: ink.soft, fontSize: size.fine }}>
          Looking for remedies…
        </p>
      )}
    </>
  );
}
