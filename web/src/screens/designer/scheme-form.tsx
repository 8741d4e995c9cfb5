import type { MeasuredLine } from '@drimbo/core/measure/model';
import type { Entry, Movement } from '@drimbo/core/movements/model';
import { allEntries } from '@drimbo/core/movements/notebook';
import { schemeText, turnedInto, type Scheme, type SchemeKind } from '@drimbo/core/session/schemes';
import { moduleOf, schemeModules } from '@drimbo/core/session/schemes/all';
import { readReps, repsText, type SchemeField } from '@drimbo/core/session/schemes/model';
import { useId, type ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { ink, size } from '../../look/theme';
import { Cell } from './cell';

const Form = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 8px;
  align-items: center;
  font-size: ${size.small};
  label,
  .label {
    color: ${ink.soft};
    font-size: ${size.fine};
    white-space: nowrap;
  }
  select {
    width: 100%;
    border: 1px solid ${ink.rule};
    border-radius: 3px;
    background: ${ink.raised};
    min-height: 24px;
    font-size: ${size.small};
  }
  .unit {
    display: flex;
    align-items: center;
    gap: 4px;
    > :first-child {
      flex: 1;
    }
  }
  .about {
    grid-column: 1 / -1;
    color: ${ink.soft};
    font-size: 12.5px;
  }
`;

interface FieldProps {
  scheme: Scheme;
  field: SchemeField<Scheme>;
  name: string;
  movement: Movement;
  take: (scheme: Scheme) => void;
}

function FieldRow({ scheme, field, name, movement, take }: FieldProps): ReactNode {
  const id = useId();
  const value = scheme[field.key as keyof Scheme] as unknown;
  const put = (next: unknown, brings: Partial<Scheme> = {}): void => {
    const changed = { ...scheme, ...brings, [field.key]: next } as Scheme;
    if (moduleOf(scheme).schema.safeParse(changed).success) take(changed);
  };
  if (field.is === 'choice')
    return (
      <>
        <label htmlFor={id}>{field.label}</label>
        <select
          id={id}
          value={String(value)}
          onChange={(e) => put(e.target.value, field.options.find((o) => o.value === e.target.value)?.brings)}
        >
          {field.options
            .filter((o) => !o.needs || o.value === value || movement.knobs[o.needs])
            .map((o) => (
              <option key={o.value} value={o.value}>
                {o.says}
              </option>
            ))}
        </select>
      </>
    );
  if (field.is === 'reps')
    return (
      <>
        <span className="label">{field.label}</span>
        <Cell
          label={`${field.label}, ${name}`}
          text={repsText(value as { lo: number; hi: number })}
          read={readReps}
          hint="A figure or a range, like 8 or 8-10"
          take={put}
        />
      </>
    );
  if (field.is === 'list')
    return (
      <>
        <span className="label">{field.label}</span>
        <Cell
          label={`${field.label}, ${name}`}
          text={field.text(scheme)}
          read={(text) => {
            const list = field.read(text);
            const fits = moduleOf(scheme).schema.safeParse({ ...scheme, [field.key]: list }).success;
            return list && fits ? list : null;
          }}
          hint={field.hint}
          take={put}
        />
      </>
    );
  return (
    <>
      <span className="label">{field.label}</span>
      <span className="unit">
        <Cell
          label={`${field.label}, ${name}`}
          text={String(value)}
          read={(t) => {
            const n = Number(t);
            return Number.isInteger(n) && n >= field.min && n <= field.max ? n : null;
          }}
          hint={`A whole number from ${field.min} to ${field.max}`}
          take={put}
        />
        {field.unit && <span className="label">{field.unit}</span>}
      </span>
    </>
  );
}

/** The lifts a load is most often a share of; every other one with a load stands after them. */
const usualSources = ['barbell-bench-press', 'standing-barbell-press', 'incline-barbell-press', 'chest-dip'];

function sourcesOf(notebook: Designer['context']['notebook']): [usual: Entry[], others: Entry[]] {
  const loaded = allEntries(notebook).filter((e) => e.movement.load.kind !== 'none');
  const isUsual = (e: Entry): boolean => usualSources.includes(e.id);
  return [loaded.filter(isUsual), loaded.filter((e) => !isUsual(e))];
}

/** How the sets of a line go: which scheme, its figures, what the load is taken from, what is done between. */
export function SchemeForm({ line: m, designer }: { line: MeasuredLine; designer: Designer }): ReactNode {
  const { scheme, percentOf, squeezeS } = m.line;
  const name = m.name.toLowerCase();
  const module = moduleOf(scheme);
  const change = (patch: Partial<typeof m.line>, says: string): void =>
    designer.edit(
      { do: 'line', line: m.id, patch },
      `${says} of ${name}`,
      `scheme ${m.id} ${Object.keys(patch).join()}`,
    );
  const id = useId();
  const [usual, others] = sourcesOf(designer.context.notebook);
  return (
    <Form>
      <label htmlFor={`${id}-kind`}>Sets go</label>
      <select
        id={`${id}-kind`}
        value={scheme.kind}
        onChange={(e) =>
          change({ scheme: turnedInto(scheme, e.target.value as SchemeKind), loadKg: null }, 'scheme')
        }
      >
        {schemeModules.map((s) => (
          <option key={s.kind} value={s.kind}>
            {s.name.toLowerCase()}
          </option>
        ))}
      </select>
      <p className="about">
        {module.about} <b style={{ color: ink.ink }}>{schemeText(scheme)}</b>
      </p>
      {module.fields.map((field) => (
        <FieldRow
          key={`${scheme.kind} ${field.key}`}
          scheme={scheme}
          field={field}
          name={name}
          movement={m.movement}
          take={(next) => change({ scheme: next }, 'scheme')}
        />
      ))}
      <label htmlFor={`${id}-from`}>Load from</label>
      <span className="unit">
        <select
          id={`${id}-from`}
          value={percentOf?.lift ?? ''}
          onChange={(e) =>
            change(
              {
                percentOf: e.target.value
                  ? { lift: e.target.value, percent: percentOf?.percent ?? 80 }
                  : undefined,
              },
              'load',
            )
          }
        >
          <option value="">its own reps and reserve</option>
          {[usual, others].map((lifts, i) => (
            <optgroup key={i} label={i === 0 ? 'A share of' : 'A share of another lift'}>
              {lifts.map((lift) => (
                <option key={lift.id} value={lift.id}>
                  {lift.name.toLowerCase()}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
        {percentOf && (
          <span style={{ width: 58, display: 'inline-flex', alignItems: 'center' }}>
            <Cell
              label={`Share of that lift's max, ${name}`}
              text={String(percentOf.percent)}
              read={(t) => {
                const n = Number(t);
                return Number.isInteger(n) && n >= 10 && n <= 150 ? n : null;
              }}
              hint="A whole number from 10 to 150"
              take={(percent) => change({ percentOf: { ...percentOf, percent } }, 'load')}
            />
            <span className="label">%</span>
          </span>
        )}
      </span>
      {module.oneLoad && !percentOf && (
        <>
          <label htmlFor={`${id}-loads`}>Over the sets</label>
          <select
            id={`${id}-loads`}
            value={m.line.loads ?? ''}
            onChange={(e) =>
              change({ loads: (e.target.value || undefined) as typeof m.line.loads, loadKg: null }, 'loads')
            }
          >
            <option value="">as the reps need</option>
            <option value="one">one load</option>
            <option value="down">loads coming down</option>
          </select>
        </>
      )}
      <label htmlFor={`${id}-between`}>Between sets</label>
      <select
        id={`${id}-between`}
        value={squeezeS ?? 0}
        onChange={(e) => change({ squeezeS: Number(e.target.value) || undefined }, 'rest')}
      >
        <option value={0}>rest</option>
        {[5, 10, 15, 20].map((s) => (
          <option key={s} value={s}>
            squeeze hard for {s} s, breathing
          </option>
        ))}
      </select>
    </Form>
  );
}
