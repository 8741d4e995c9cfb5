import type { ReactNode } from 'react';
import { useUnderway } from '../../data/house';
import { Progress } from '../../parts/progress';

/** Long work of this page, with how far it is, or what it waits for. */
export function Working({ says, onStop }: { says: string; onStop?: () => void }): ReactNode {
  const { data } = useUnderway();
  const underway = data?.underway ?? null;
  const share = underway?.share ?? null;
  const far = share === null ? '' : ` ${Math.floor(share * 100)} %`;
  const waits = underway !== null && underway.waiting > 0 ? ` Drimbo is ${underway.does}.` : '';
  return (
    <Progress
      says={`${says}${far}${waits}`}
      {...(share === null ? {} : { done: share })}
      {...(onStop ? { onStop } : {})}
    />
  );
}
