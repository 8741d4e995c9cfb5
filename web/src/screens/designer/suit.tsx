import { elsewhere } from '@drimbo/core/choosing/elsewhere';
import { shortened } from '@drimbo/core/choosing/shortening';
import { suited, suitings, type Suiting } from '@drimbo/core/choosing/suiting';
import { UserRoundPen } from 'lucide-react';
import type { ReactNode } from 'react';
import { Header, Menu, MenuItem, MenuSection, MenuTrigger, Popover, Text } from 'react-aria-components';
import { styled } from 'styled-components';
import { useKits } from '../../data/queries';
import type { Designer } from '../../state/use-designer';
import { Act } from '../../parts/act';
import { floating } from '../../parts/surfaces';
import { ink, size } from '../../look/theme';

const Pop = styled(Popover)`
  ${floating}
  width: 290px;
  padding: 4px;
  .item {
    display: grid;
    padding: 6px 9px;
    border-radius: 3px;
    cursor: pointer;
    outline: none;
    font-size: ${size.small};
  }
  .item[data-focused] {
    background: ${ink.chosen};
  }
  header {
    padding: 6px 9px 2px;
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  [slot='label'] {
    font-weight: 640;
  }
  [slot='description'] {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

/** The time there is, and round times, that are shorter than the session now, the longest first. */
const shorter = (minutes: number, thereAre: number): number[] =>
  [...new Set([thereAre, 75, 60, 45, 30])]
    .filter((n) => n < minutes - 0.5)
    .sort((a, b) => b - a)
    .slice(0, 3);

/** Makes the session suit somebody else, less time or another gym; one undo brings it back. */
export function Suit({ designer }: { designer: Designer }): ReactNode {
  const { appraisal, session, context, edit } = designer;
  const kits = useKits();
  const others = (kits.data ?? []).filter((k) => k.id !== session.kitId);
  const times = shorter(appraisal.totals.minutes, session.minutes);
  const act = (key: string): void => {
    const [kind = '', what = ''] = [key.slice(0, key.indexOf(' ')), key.slice(key.indexOf(' ') + 1)];
    if (kind === 'somebody')
      edit(
        suited({ session, context, lines: appraisal.lines }, what as Suiting),
        `make it suit ${suitings[what as Suiting].name}`,
      );
    if (kind === 'minutes') {
      const change = shortened(session, context, Number(what));
      if (change) edit(change, `fit it into ${what} minutes`);
    }
    const gym = kind === 'gym' ? others.find((k) => k.id === what) : undefined;
    if (gym) edit(elsewhere(session, context, gym.id, gym.document), `take it to ${gym.document.name}`);
  };
  return (
    <MenuTrigger>
      <Act kind="quiet" isDisabled={session.blocks.length === 0}>
        <UserRoundPen size={15} aria-hidden /> Suit
      </Act>
      <Pop placement="bottom end">
        <Menu onAction={(key) => act(String(key))}>
          <MenuSection>
            <Header>Somebody else</Header>
            {(Object.keys(suitings) as Suiting[]).map((id) => (
              <MenuItem key={id} id={`somebody ${id}`} className="item" textValue={suitings[id].name}>
                <Text slot="label">For {suitings[id].name}</Text>
                <Text slot="description">{suitings[id].about}</Text>
              </MenuItem>
            ))}
          </MenuSection>
          {times.length > 0 && (
            <MenuSection>
              <Header>Less time</Header>
              {times.map((n) => (
                <MenuItem key={n} id={`minutes ${n}`} className="item" textValue={`In ${n} minutes`}>
                  <Text slot="label">In {n} minutes</Text>
                </MenuItem>
              ))}
            </MenuSection>
          )}
          {others.length > 0 && (
            <MenuSection>
              <Header>Another gym</Header>
              {others.map(({ id, document: kit }) => (
                <MenuItem key={id} id={`gym ${id}`} className="item" textValue={`At ${kit.name}`}>
                  <Text slot="label">At {kit.name}</Text>
                </MenuItem>
              ))}
            </MenuSection>
          )}
        </Menu>
      </Pop>
    </MenuTrigger>
  );
}
