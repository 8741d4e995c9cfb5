import type { MeasuredLine } from '@drimbo/core/measure';
import { allEntries, type Entry, type Movement } from '@drimbo/core/movements';
import {
  moduleOf,
  readReps,
  repsText,
  type Scheme,
  type SchemeField,
  type SchemeKind,
  schemeModules,
  schemeText,
  turnedInto,
} from '@drimbo/core/session';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Designer } from '../../state/use-designer';
import { Select } from '../../parts/select';
import type { SelectProps } from '../../parts/select-model';
import { ink, size } from '../../look/theme';
import { Cell } from '../../parts/cell';

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
  .choose {
    grid-column: 1 / -1;
    > .react-aria-Button {
      flex: 1;
    }
    > .react-aria-Label {
      min-width: 84px;
    }
  }
  .wide {
    grid-column: 1 / -1;
    display: flex;
    gap: 4px;
    > .choose {
      flex: 1;
    }
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

/** A choice over the two columns of the form. */
const Choose = <K extends string>(props: SelectProps<K>): ReactNode => (
  <Select small labelPlace="before" className="choose" {...props} />
);
const kindNamed = (kind: SchemeKind): [SchemeKind, string] => [kind, moduleOf({ kind }).name.toLowerCase()];
const named = (lift: Entry): [string, string] => [lift.id, lift.name.toLowerCase()];

interface FieldProps {
  scheme: Scheme;
  field: SchemeField<Scheme>;
  name: string;
  movement: Movement;
  take: (scheme: Scheme) => void;
}

function FieldRow({ scheme, field, name, movement, take }: FieldProps): ReactNode {
  const value = scheme[field.key as keyof Scheme] as unknown;
  const put = (next: unknown, brings: Partial<Scheme> = {}): void => {
    const changed = { ...scheme, ...brings, [field.key]: next } as Scheme;
    if (moduleOf(scheme).schema.safeParse(changed).success) take(changed);
  };
  if (field.is === 'choice')
    return (
      <Choose
        label={field.label}
        value={String(value)}
        options={field.options
          .filter((o) => !o.needs || o.value === value || movement.knobs[o.needs])
          .map((o) => [o.value, o.says])}
        onChange={(next) => put(next, field.options.find((o) => o.value === next)?.brings)}
      />
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
  const [usual, others] = sourcesOf(designer.context.notebook);
  const liked = designer.appraisal.school.schemes;
  const unusual = schemeModules.filter((s) => !liked.includes(s.kind));
  return (
    <Form>
      <Choose
        label="Sets go"
        value={scheme.kind}
        options={liked.map(kindNamed)}
        groups={[{ name: 'Not usual in this school', options: unusual.map((s) => kindNamed(s.kind)) }]}
        onChange={(kind) =>
          change({ scheme: turnedInto(scheme, kind as SchemeKind), loadKg: null }, 'scheme')
        }
      />
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
      <span className="wide">
        <Choose
          label="Load from"
          value={percentOf?.lift ?? null}
          none="its own reps and reserve"
          options={[]}
          groups={[
            { name: 'A percentage of', options: usual.map(named) },
            { name: 'A percentage of another lift', options: others.map(named) },
          ]}
          onChange={(lift) =>
            change({ percentOf: lift ? { lift, percent: percentOf?.percent ?? 80 } : undefined }, 'load')
          }
        />
        {percentOf && (
          <span style={{ width: 58, display: 'inline-flex', alignItems: 'center' }}>
            <Cell
              label={`Percentage of that lift's max, ${name}`}
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
        <Choose
          label="Over the sets"
          value={m.line.loads ?? 'one'}
          options={[
            ['one', 'hold the load, reps fall'],
            ['down', 'hold the reps, loads come down'],
          ]}
          onChange={(loads) =>
            change({ loads: loads === 'down' ? 'down' : undefined, loadKg: null }, 'loads')
          }
        />
      )}
      <Choose
        label="Between sets"
        value={squeezeS ? String(squeezeS) : null}
        none="rest"
        options={[5, 10, 15, 20].map((s) => [String(s), `squeeze hard for ${s} s, breathing`])}
        onChange={(s) => change({ squeezeS: s === null ? undefined : Number(s) }, 'rest')}
      />
    </Form>
  );
}
