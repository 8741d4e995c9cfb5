import {
  type BodyEntry,
  type BodyMeasure,
  bodyMeasures,
  type Client,
  measureRange,
  withEntry,
} from '@drimbo/core/session';
import { fromKg, toKg } from '@drimbo/core/units';
import { useState, type ReactNode } from 'react';
import { todayIso } from '../../data/queries';
import { Button } from '../../parts/button';
import { DateField } from '../../parts/date-field';
import { NumberField } from '../../parts/number-field';
import { Select } from '../../parts/select';
import { Sheet, SheetHead } from '../../parts/sheet';
import { dayWords } from '../blocks/words';
import { Body, change, type Of } from './about';

const CM_PER_INCH = 2.54;

/** A figure of the body in the client's unit, and its name. */
const shown = (what: BodyMeasure, value: number, unit: Client['unit']): { value: number; unit: string } =>
  what === 'bodyweight'
    ? { value: fromKg(value, unit), unit }
    : unit === 'lb'
      ? { value: value / CM_PER_INCH, unit: 'in' }
      : { value, unit: 'cm' };
const kept = (what: BodyMeasure, value: number, unit: Client['unit']): number =>
  what === 'bodyweight' ? toKg(value, unit) : unit === 'lb' ? value * CM_PER_INCH : value;

const text = ({ what, value }: BodyEntry, unit: Client['unit']): string => {
  const s = shown(what, value, unit);
  return `${s.value.toFixed(1)} ${s.unit}`;
};

const nameOf = (what: BodyMeasure): string => `${what[0]!.toUpperCase()}${what.slice(1)}`;

/** Bodyweight and girths by date; the newest bodyweight is the one loads are reckoned with. */
export function BodyLog({ id, client }: Of): ReactNode {
  const [what, setWhat] = useState<BodyMeasure>('bodyweight');
  const [on, setOn] = useState(todayIso());
  const last = (of: BodyMeasure): BodyEntry | undefined => client.body.filter((e) => e.what === of).at(-1);
  const usual: Record<BodyMeasure, number> = {
    bodyweight: client.massKg,
    chest: 100,
    shoulders: 115,
    'upper arm': 35,
  };
  const [value, setValue] = useState<number | null>(null);
  const now = shown(what, value ?? last(what)?.value ?? usual[what], client.unit);
  const range = measureRange[what];
  const add = (): void => {
    const entry: BodyEntry = {
      on,
      what,
      value: Number((value ?? last(what)?.value ?? usual[what]).toFixed(2)),
    };
    change(id, (c) => {
      const body = withEntry(c.body, entry);
      const newest = body.filter((e) => e.what === 'bodyweight').at(-1);
      return { ...c, body, ...(what === 'bodyweight' && newest ? { massKg: newest.value } : {}) };
    });
    setValue(null);
  };
  return (
    <Sheet aria-label="Bodyweight and girths">
      <SheetHead>
        <h2>Bodyweight and girths</h2>
        <span>the newest weight counts for loads</span>
      </SheetHead>
      <Body>
        <form
          onSubmit={(e) => {
            e.preventDefault();
            add();
          }}
        >
          <Select
            label="Measure"
            value={what}
            options={bodyMeasures.map((m) => [m, nameOf(m)])}
            onChange={(to) => {
              if (to) setWhat(to);
              setValue(null);
            }}
          />
          <NumberField
            label="Figure"
            unit={now.unit}
            decimals={1}
            value={now.value}
            lo={Math.ceil(shown(what, range.lo, client.unit).value)}
            hi={Math.floor(shown(what, range.hi, client.unit).value)}
            onChange={(n) => setValue(kept(what, n, client.unit))}
          />
          <DateField label="On" value={on} latest={todayIso()} onChange={(d) => d && setOn(d)} />
          <Button type="submit" small>
            Keep it
          </Button>
        </form>
        <ul aria-label="Measured">
          {bodyMeasures.flatMap((m) => {
            const all = client.body.filter((e) => e.what === m);
            const newest = all.at(-1);
            if (!newest) return [];
            const first = all[0]!;
            return (
              <li key={m}>
                <span>
                  {nameOf(m)} <b>{text(newest, client.unit)}</b>{' '}
                  <span className="soft">
                    {dayWords(newest.on)}
                    {first !== newest &&
                      `; ${text(first, client.unit)} on ${dayWords(first.on)}, ${all.length} in all`}
                  </span>
                </span>
                <Button
                  small
                  kind="quiet"
                  aria-label={`Remove ${m} of ${dayWords(newest.on)}`}
                  onPress={() =>
                    change(
                      id,
                      (c) => ({ ...c, body: c.body.filter((e) => e.on !== newest.on || e.what !== m) }),
                      {
                        says: `${nameOf(m)} of ${dayWords(newest.on)} is removed.`,
                        back: (c) => ({ ...c, body: withEntry(c.body, newest) }),
                      },
                    )
                  }
                >
                  Remove
                </Button>
              </li>
            );
          })}
          {client.body.length === 0 && <li className="soft">Nothing measured yet.</li>}
        </ul>
      </Body>
    </Sheet>
  );
}
