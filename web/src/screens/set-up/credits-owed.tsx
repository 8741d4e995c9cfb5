import { type Credits, type RegionId, regionIds, regions } from '@drimbo/core/anatomy';
import { type CreditMove, type CreditSum, creditSums } from '@drimbo/core/mechanics';
import type { Movement, Rig } from '@drimbo/core/movements';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { Button } from '../../parts/button';
import { Popover } from '../../parts/popover';
import { TextButton } from '../../parts/text-button';
import { TextField } from '../../parts/text-field';
import { ink, size, voiceText } from '../../look/theme';

const Owed = styled.div`
  padding: 5px 12px 7px;
  border-top: 1px solid ${ink.hush};
  font-size: ${size.fine};
  color: ${ink.soft};
  button {
    padding: 2px 3px;
    margin-right: 4px;
    text-decoration: underline dotted ${ink.rule};
    text-underline-offset: 3px;
    &[data-hovered] {
      text-decoration-color: ${ink.ink};
    }
  }
  b {
    font-weight: 650;
  }
`;
const Sum = styled.div`
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 2px 10px;
  }
  dd {
    font-weight: 640;
    text-align: right;
  }
  p {
    color: ${ink.soft};
    font-size: 12.5px;
    margin: 6px 0;
  }
  form {
    display: flex;
    gap: 6px;
    align-items: end;
  }
  .figure {
    width: 150px;
  }
`;

const knobNames: Record<string, string> = { tuckDeg: 'Tuck', gripBiacromial: 'Grip', range: 'Range' };

const othersOf = ({ together }: CreditMove, region: RegionId): string =>
  together
    .filter((r) => r !== region)
    .map((r) => regions[r].name.toLowerCase())
    .join(' and ');

const figure = (n: number): string => String(Number(n.toFixed(2)));

function PinForm({
  region,
  credit,
  pinned,
  pin,
}: {
  region: RegionId;
  credit: number;
  pinned: boolean;
  pin: (credit: number | null) => void;
}): ReactNode {
  const [text, setText] = useState(figure(credit));
  const value = Number(text.replace(',', '.'));
  const good = text.trim() !== '' && value >= 0 && value <= 1;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (good) pin(Math.round(value * 100) / 100);
      }}
    >
      <TextField
        className="figure"
        label={`Credit for the ${regions[region].name.toLowerCase()}, 0 to 1`}
        inputMode="decimal"
        value={text}
        onChange={setText}
      />
      <Button small type="submit" isDisabled={!good}>
        Pin
      </Button>
      {pinned && (
        <Button small kind="quiet" onPress={() => pin(null)}>
          Let go
        </Button>
      )}
    </form>
  );
}

function Why({
  region,
  sum,
  pinned,
  credit,
  pin,
}: {
  region: RegionId;
  sum: CreditSum | undefined;
  credit: number;
  pinned: boolean;
  pin: ((credit: number | null) => void) | null;
}): ReactNode {
  return (
    <Sum>
      <dl>
        <dt>By the table, at these settings</dt>
        <dd>{figure(sum?.anchored ?? 0)}</dd>
        {(sum?.moves ?? []).map((move) => (
          <div key={move.knob} style={{ display: 'contents' }}>
            <dt>
              {knobNames[move.knob] ?? move.knob}, by the mechanics
              {move.together.length > 1 && `, with ${othersOf(move, region)}`}
            </dt>
            <dd>× {figure(move.scale)}</dd>
          </div>
        ))}
        <dt>{pinned ? 'Pinned by hand' : 'Counts, in steps of .05'}</dt>
        <dd>{figure(credit)}</dd>
      </dl>
      <p>
        The table is common practice among coaches.{' '}
        {(sum?.moves.length ?? 0) > 0
          ? 'The factor is a model’s estimate: what a setting does to the work of these regions taken together, kept between a half and one and a half.'
          : 'The mechanics leave it as it is: nothing they can be sure of differs from what the table is meant for.'}{' '}
        <Link to="/movements/model">What the model knows and does not</Link>
      </p>
      {pin && <PinForm region={region} credit={credit} pinned={pinned} pin={pin} />}
    </Sum>
  );
}

/** What one hard set counts for each region; each figure says why, and can be set by hand. */
export function CreditsOwed({
  movement,
  rig,
  pins = {},
  onPin,
}: {
  movement: Movement;
  rig: Rig;
  /** Set by hand here, over the movement's own. */
  pins?: Credits;
  onPin: ((region: RegionId, credit: number | null) => void) | null;
}): ReactNode {
  const sums = creditSums(movement, rig);
  const shown = regionIds.filter(
    (id) => (pins[id] ?? sums[id]?.credit ?? 0) >= 0.05 || pins[id] !== undefined,
  );
  return (
    <Owed>
      One hard set counts:{' '}
      {shown.map((id) => {
        const credit = pins[id] ?? sums[id]?.credit ?? 0;
        const pinned = pins[id] !== undefined || sums[id]?.pinned === true;
        return (
          <Popover
            key={id}
            title={`${regions[id].name}: ${figure(credit)} of a set`}
            trigger={
              <TextButton>
                {regions[id].name.toLowerCase()}{' '}
                <b style={{ color: voiceText[regions[id].voice] }}>{figure(credit)}</b>
                {pinned && ' pinned'}
              </TextButton>
            }
          >
            {() => (
              <Why
                region={id}
                sum={sums[id]}
                credit={credit}
                pinned={pinned}
                pin={onPin && ((value) => onPin(id, value))}
              />
            )}
          </Popover>
        );
      })}
      {shown.length === 0 && 'nothing'}
    </Owed>
  );
}
