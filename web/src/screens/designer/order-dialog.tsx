import type { BetterOrder } from '@drimbo/core/ordering';
import type { ReactNode } from 'react';
import { useOrder } from '../../data/use-order';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { CheckBox } from '../../parts/check-box';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { Progress } from '../../parts/progress';
import { Told } from './told';

const minutesText = (minutes: number): string => {
  const n = Math.round(minutes * 2) / 2;
  return n === 0 ? 'the same time' : `${n > 0 ? '+' : '−'}${Math.abs(n)} min`;
};

/** What a better order would change, and how sure it is. */
function Better({ better }: { better: BetterOrder }): ReactNode {
  const kept = better.kept.slice(0, 4);
  return (
    <>
      <h3>Better like this, {minutesText(better.minutes)}</h3>
      <ol>
        {better.order.map((name, i) => (
          <li key={i}>{name}</li>
        ))}
      </ol>
      {kept.map((k) => (
        <p key={k.name}>
          {k.name}: {Math.abs(k.points).toFixed(0)} % of its max{' '}
          {k.points > 0 ? 'more is left' : 'less is left'} at its first set.
        </p>
      ))}
      {better.gone.length > 0 && <p>It mends: {better.gone.join(' ')}</p>}
      {better.comes.length > 0 && <p>It brings: {better.comes.join(' ')}</p>}
      <p className="soft">
        {better.openBy === null
          ? 'Every order was weighed or ruled out: by the model none is better.'
          : `Not every order could be weighed in the time: another may be better by ${Math.ceil(better.openBy * 100)} % at most.`}{' '}
        Weighed by fatigue, walking and the school’s rules; a model’s estimate.
      </p>
    </>
  );
}

/** The best order of the movements: looked for, shown, and taken only when the coach says so. */
export function OrderDialog({ designer, onClose }: { designer: Designer; onClose: () => void }): ReactNode {
  const { session, appraisal, context, edit } = designer;
  const state = useOrder(session, context);
  const nameOf = (lineIds: readonly { id: string }[]): string =>
    lineIds.map(({ id }) => appraisal.lines.find((m) => m.id === id)!.name).join(' + ');
  return (
    <Dialog title="Best order" isOpen onClose={onClose} widthPx={560}>
      {() => (
        <Told>
          <h3>Now, with what is held at its place</h3>
          <ol>
            {session.blocks.map((b) => (
              <li key={b.id}>
                <CheckBox
                  isOn={b.held === true}
                  onChange={(on) =>
                    edit(
                      { do: 'block', block: b.id, patch: { held: on ? true : undefined } },
                      on ? 'hold its place' : 'let its place go',
                    )
                  }
                >
                  {nameOf(b.lines)}
                </CheckBox>
              </li>
            ))}
          </ol>
          <div role="status">
            {state.is === 'looking' && <Progress says="Weighing orders" />}
            {state.is === 'failed' && <p>It could not be looked for: {state.why}</p>}
            {state.is === 'done' && state.better === null && (
              <p>By the model no other order is better than this one.</p>
            )}
            {state.is === 'done' && state.better && <Better better={state.better} />}
          </div>
          <DialogFeet>
            <Button
              kind="strong"
              isDisabled={state.is !== 'done' || state.better === null}
              onPress={() => {
                if (state.is !== 'done' || !state.better) return;
                edit(state.better.edit, 'take the better order');
                onClose();
              }}
            >
              Take this order
            </Button>
            <Button onPress={onClose}>Leave it as it is</Button>
          </DialogFeet>
        </Told>
      )}
    </Dialog>
  );
}
