import { useState, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { Button } from '../../parts/button';
import { Sheet, SheetHead } from '../../parts/sheet';
import { TextField } from '../../parts/text-field';
import { dayWords } from '../blocks/words';
import { Body, change, type Of } from './about';

/** What the coach wrote down, the last first. */
export function Notes({ id, client }: Of): ReactNode {
  const [said, setSaid] = useState('');
  const notes = [...client.notes].reverse();
  return (
    <Sheet aria-label="Notes">
      <SheetHead>
        <h2>Notes</h2>
        <span>for you, not for the client’s phone</span>
      </SheetHead>
      <Body>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            if (said.trim() === '') return;
            const note = { on: todayIso(), text: said.trim() };
            change(id, (c) => ({ ...c, notes: [...c.notes, note].slice(-500) }));
            setSaid('');
          }}
        >
          <TextField label="Note of today" value={said} maxLength={600} onChange={setSaid} />
          <Button type="submit" small isDisabled={said.trim() === ''}>
            Keep it
          </Button>
        </form>
        <ul aria-label="Kept notes">
          {notes.map((n, i) => (
            <li key={`${n.on} ${i}`}>
              <span>
                <span className="soft">{dayWords(n.on)}</span> {n.text}
              </span>
              <Button
                small
                kind="quiet"
                aria-label={`Remove the note of ${dayWords(n.on)}`}
                onPress={() =>
                  change(
                    id,
                    (c) => ({ ...c, notes: c.notes.filter((x) => x.on !== n.on || x.text !== n.text) }),
                    {
                      says: 'The note is removed.',
                      back: (c) => ({
                        ...c,
                        notes: [...c.notes, n].sort((a, b) => a.on.localeCompare(b.on)),
                      }),
                    },
                  )
                }
              >
                Remove
              </Button>
            </li>
          ))}
          {notes.length === 0 && <li className="soft">Nothing written yet.</li>}
        </ul>
      </Body>
    </Sheet>
  );
}
