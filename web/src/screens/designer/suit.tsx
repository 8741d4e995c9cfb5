import { suited, suitings, type Suiting } from '@drimbo/core/choosing/suiting';
import { UserRoundPen } from 'lucide-react';
import type { ReactNode } from 'react';
import { Menu, MenuItem, MenuTrigger, Popover, Text } from 'react-aria-components';
import { styled } from 'styled-components';
import type { Designer } from '../../designer/use-designer';
import { Act, floating } from '../../look/parts';
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
  [slot='label'] {
    font-weight: 640;
  }
  [slot='description'] {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

/** Makes the session suit somebody other than it was written for; one undo brings it back. */
export function Suit({ designer }: { designer: Designer }): ReactNode {
  const { appraisal, session, context, edit } = designer;
  return (
    <MenuTrigger>
      <Act kind="quiet" isDisabled={session.blocks.length === 0}>
        <UserRoundPen size={15} aria-hidden /> Suit
      </Act>
      <Pop placement="bottom end">
        <Menu
          onAction={(key) =>
            edit(
              suited({ session, context, lines: appraisal.lines }, key as Suiting),
              `make it suit ${suitings[key as Suiting].name}`,
            )
          }
        >
          {(Object.keys(suitings) as Suiting[]).map((id) => (
            <MenuItem key={id} id={id} className="item" textValue={suitings[id].name}>
              <Text slot="label">For {suitings[id].name}</Text>
              <Text slot="description">{suitings[id].about}</Text>
            </MenuItem>
          ))}
        </Menu>
      </Pop>
    </MenuTrigger>
  );
}
