import { type GroupId, groupNames } from '@drimbo/core/anatomy';
import type { Fix } from '@drimbo/core/review';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { Button } from '../../parts/button';
import { Tooltip } from '../../parts/tooltip';
import { ink, size } from '../../look/theme';

const Brings = styled.p`
  flex-basis: 100%;
  font-size: ${size.fine};
  color: ${ink.soft};
`;

const signed = (n: number): string => `${n > 0 ? '+' : '−'}${Math.abs(n)}`;

/** What a fix changes, as it stands on its button. */
export function effectText({ effect }: Fix): string {
  const minutes = Math.round(effect.minutes * 2) / 2;
  const parts = [
    ...(Math.abs(minutes) >= 0.5 ? [`${signed(minutes)} min`] : []),
    ...(effect.sets !== 0 ? [`${signed(effect.sets)} ${Math.abs(effect.sets) === 1 ? 'set' : 'sets'}`] : []),
  ];
  return parts.length > 0 ? parts.join(', ') : 'same time and sets';
}

/** What else a fix changes for the better, and the sets that count by group; empty where nothing does. */
export function furtherText({ effect }: Fix): string {
  const dose = (Object.entries(effect.dose) as [GroupId, number][])
    .map(([group, by]) => `${groupNames[group].toLowerCase()} ${signed(Number(by.toFixed(1)))}`)
    .join(', ');
  return [
    ...(dose ? [`Sets that count: ${dose}.`] : []),
    ...(effect.gone.length > 0 ? [`Also mends: ${effect.gone.join(' ')}`] : []),
  ].join(' ');
}

/** A remedy with what it changes; what it brings stands under it. */
export function FixButton({ fix, onTake }: { fix: Fix; onTake: () => void }): ReactNode {
  const further = furtherText(fix);
  const button = (
    <Button small onPress={onTake}>
      {fix.label}
      <span style={{ fontWeight: 420, whiteSpace: 'nowrap' }}>{effectText(fix)}</span>
    </Button>
  );
  return (
    <>
      {further ? <Tooltip says={further}>{button}</Tooltip> : button}
      {fix.effect.comes.length > 0 && <Brings>It brings: {fix.effect.comes.join(' ')}</Brings>}
    </>
  );
}
