import {
  answerNames,
  answersFor,
  type LifeEvent,
  lifeKinds,
  lifeNames,
  lifePreviews,
} from '@drimbo/core/block';
import { useMemo, useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import { useKits } from '../../data/queries';
import { ink, size } from '../../look/theme';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { Dialog, DialogFeet } from '../../parts/dialog';
import { RadioGroup } from '../../parts/radio-group';
import { Select } from '../../parts/select';
import { TextField } from '../../parts/text-field';
import type { BlockDesk } from '../../state/use-block';
import { Changes } from './changes';
import { dayWords } from './words';

const Form = styled.div`
  display: grid;
  gap: 10px;
  font-size: ${size.small};
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
  }
  .soft {
    color: ${ink.soft};
  }
`;

/** Sick, travelling, another gym: said once, with what each answer would do before it is kept. */
export function LifeDialog({ desk, close }: { desk: BlockDesk; close: () => void }): ReactNode {
  const { block, context } = desk;
  const kits = useKits().data ?? [];
  const [id] = useState(() => newId('life'));
  const [what, setWhat] = useState<LifeEvent['what']>('sick');
  const [from, setFrom] = useState(context.todayIso > block.startsOn ? context.todayIso : block.startsOn);
  const [to, setTo] = useState(from);
  const [note, setNote] = useState('');
  const [kitId, setKit] = useState<string | null>(
    kits.find((k) => k.id !== context.client.kitId)?.id ?? null,
  );
  const [then, setThen] = useState<LifeEvent['then']>('move');
  const lasts = to < from ? from : to;
  const previews = useMemo(
    () =>
      lifePreviews(block, {
        id,
        what,
        from,
        to: lasts,
        note,
        ...(what === 'other gym' && kitId !== null ? { kitId } : {}),
      }),
    [block, id, what, from, lasts, note, kitId],
  );
  const chosen = previews.find((p) => p.then === then) ?? previews[0]!;
  return (
    <Dialog title="Something comes between" isOpen onClose={close} widthPx={560}>
      {() => (
        <Form>
          <div className="row">
            <Select
              label="What"
              value={what}
              options={lifeKinds.map((k) => [k, lifeNames[k]])}
              onChange={(k) => k && setWhat(k)}
            />
            <DateField label="From" value={from} onChange={(d) => d && setFrom(d)} />
            <DateField label="To, counted" value={lasts} onChange={(d) => d && setTo(d)} />
            {what === 'other gym' && (
              <Select
                label="Gym"
                value={kitId}
                options={kits.map((k) => [k.id, k.document.name])}
                onChange={setKit}
              />
            )}
            <TextField label="Note" value={note} maxLength={160} onChange={setNote} />
          </div>
          <RadioGroup
            label="What happens to those days"
            value={chosen.then}
            options={answersFor[what].map((a) => ({ value: a, words: answerNames[a] }))}
            onChange={setThen}
          />
          <div role="status">
            <p>
              {chosen.changes.length === 0
                ? 'No day changes.'
                : `${chosen.changes.length} ${chosen.changes.length === 1 ? 'day changes' : 'days change'}.`}{' '}
              {chosen.ends.before === chosen.ends.after
                ? `It ends on ${dayWords(chosen.ends.after)} as before.`
                : `It ends on ${dayWords(chosen.ends.after)} instead of ${dayWords(chosen.ends.before)}.`}
            </p>
            <Changes changes={chosen.changes} />
            {what === 'sick' && (
              <p className="soft">
                With fever, chest pain or breath that does not come back: no training before a clinician has
                said so.
              </p>
            )}
          </div>
          <DialogFeet>
            <Button
              kind="strong"
              onPress={() => {
                desk.take(chosen.change, `${lifeNames[what].toLowerCase()} from ${dayWords(from)}`);
                close();
              }}
            >
              Keep
            </Button>
            <Button kind="quiet" onPress={close}>
              Cancel
            </Button>
          </DialogFeet>
        </Form>
      )}
    </Dialog>
  );
}
