import { movementOf, movements } from '@drimbo/core/movements';
import { filledUp, missingParts, partOf, type WarmupItem } from '@drimbo/core/session';
import { parseDuration } from '@drimbo/core/units';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { newId } from '../../data/ids';
import type { Designer } from '../../state/use-designer';
import { Button } from '../../parts/button';
import { Select } from '../../parts/select';
import { ink, narrow, size } from '../../look/theme';
import { Cell } from '../../parts/cell';
import { nameOf, warmupDose } from './warm-up-words';

const Inside = styled.div`
  ol {
    display: grid;
    gap: 2px;
    margin: 8px 0;
  }
  li {
    display: grid;
    grid-template-columns: 1fr 92px auto;
    gap: 6px;
    align-items: center;
  }
  .part {
    font-size: ${size.fine};
    color: ${ink.soft};
    ${narrow}
  }
`;

/** Reads "2x15" as sets and reps, "4 min" or "2x30s" as time. */
export function readWarmupDose(text: string): Pick<WarmupItem, 'sets' | 'reps' | 'seconds'> | null {
  const t = text.trim().toLowerCase().replace('×', 'x');
  const times = /^(\d)\s*x\s*(.+)$/.exec(t);
  const sets = times ? Number(times[1]) : 1;
  const amount = times ? times[2]! : t;
  if (sets < 1 || sets > 6) return null;
  if (/^\d{1,3}$/.test(amount)) {
    const reps = Number(amount);
    return reps >= 1 && reps <= 100 ? { sets, reps, seconds: null } : null;
  }
  const seconds = parseDuration(amount);
  return seconds !== null && seconds >= 5 && seconds <= 1800 ? { sets, reps: null, seconds } : null;
}

const offered = movements.filter((m) => m.family === 'preparation' || m.family === 'corrective');

/** Where the warm-up is edited; fetched with the first press. */
export function WarmUpInside({ designer }: { designer: Designer }): ReactNode {
  const { session, edit } = designer;
  const missing = missingParts(session.warmup);
  const add = (movement: string): void => {
    const cardio = movement === 'easy-cardio';
    edit(
      {
        do: 'add warmup',
        at: session.warmup.length,
        item: {
          id: newId('warm'),
          movement,
          sets: 1,
          reps: cardio ? null : 12,
          seconds: cardio ? 240 : null,
          note: '',
        },
      },
      'add to the warm-up',
    );
  };
  return (
    <Inside>
      <ol>
        {session.warmup.map((w, i) => (
          <li key={w.id}>
            <span>
              {nameOf(w)}{' '}
              <span className="part">
                {partOf(w) ?? (movementOf(w.movement).staticStretch ? 'better after' : '')}
              </span>
            </span>
            <Cell
              label={`Dose of ${nameOf(w)}`}
              text={warmupDose(w)}
              read={readWarmupDose}
              hint="Sets × reps or a time: 2 x 15, 4 min"
              take={(patch) =>
                edit({ do: 'warmup', item: w.id, patch }, 'change the warm-up', `warm ${w.id}`)
              }
            />
            <span style={{ display: 'flex' }}>
              <Button
                small
                kind="quiet"
                aria-label={`Move ${nameOf(w)} up`}
                isDisabled={i === 0}
                onPress={() => edit({ do: 'move warmup', item: w.id, to: i - 1 }, 'move in the warm-up')}
              >
                <ArrowUp size={13} aria-hidden />
              </Button>
              <Button
                small
                kind="quiet"
                aria-label={`Move ${nameOf(w)} down`}
                isDisabled={i === session.warmup.length - 1}
                onPress={() => edit({ do: 'move warmup', item: w.id, to: i + 1 }, 'move in the warm-up')}
              >
                <ArrowDown size={13} aria-hidden />
              </Button>
              <Button
                small
                kind="quiet"
                aria-label={`Remove ${nameOf(w)}`}
                onPress={() => edit({ do: 'remove warmup', item: w.id }, 'remove from the warm-up')}
              >
                <X size={13} aria-hidden />
              </Button>
            </span>
          </li>
        ))}
      </ol>
      {missing.length > 0 && (
        <Button
          small
          style={{ marginBottom: 8 }}
          onPress={() =>
            edit({ do: 'put', values: { warmup: filledUp(session.warmup, newId) } }, 'fill up the warm-up')
          }
        >
          Fill it up: {missing.join(', ')}
        </Button>
      )}
      <Select
        label="Add to the warm-up"
        labelPlace="unseen"
        value={null}
        none="Add…"
        options={offered.map((m) => [m.id, m.variants[0]!.name])}
        onChange={(id) => id && add(id)}
      />
      <div style={{ marginTop: 8, fontSize: size.small }}>
        <Select
          label="Lead up to the first lift by"
          labelPlace="before"
          value={session.ramp ?? 'ladder'}
          options={[
            ['ladder', 'a ladder of rising loads'],
            ['two sets', 'two sets of 12–15'],
          ]}
          onChange={(way) =>
            edit(
              { do: 'head', patch: { ramp: way === 'two sets' ? 'two sets' : undefined } },
              'change the ramp',
            )
          }
        />
      </div>
    </Inside>
  );
}
