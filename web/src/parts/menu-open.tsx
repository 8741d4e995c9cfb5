import type { ReactNode } from 'react';
import { Header, Menu as Root, MenuItem, MenuSection, Popover, Text } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import type { MenuGroup } from './menu-model';
import type { Anchored } from './opener';
import { floating } from './surfaces';

const Pop = styled(Popover)`
  ${floating}
  color: ${ink.ink};
  max-width: min(330px, calc(100vw - 16px));
  max-height: min(560px, calc(100vh - 80px));
  overflow: auto;
  padding: 4px;
  font-size: ${size.small};
  .react-aria-Header {
    padding: 6px 9px 2px;
    font-size: ${size.fine};
    color: ${ink.soft};
  }
  .react-aria-MenuItem {
    display: grid;
    padding: 5px 9px;
    border-radius: 3px;
    cursor: pointer;
  }
  .react-aria-MenuItem[data-focused] {
    background: ${ink.chosen};
  }
  [slot='description'] {
    color: ${ink.soft};
    font-size: ${size.fine};
  }
`;

/** What a menu shows when it is open. */
export const OpenMenu = ({
  label,
  groups,
  ...anchored
}: Anchored & { label: string; groups: readonly MenuGroup[] }): ReactNode => (
  <Pop placement="bottom end" {...anchored}>
    <Root
      aria-label={label}
      autoFocus="first"
      onClose={() => anchored.onOpenChange(false)}
      onAction={(key) =>
        groups
          .flatMap((g) => g.items)
          .find((i) => i.id === key)
          ?.does()
      }
    >
      {groups
        .filter((g) => g.items.length > 0)
        .map((g, n) => (
          <MenuSection key={g.name ?? n} {...(g.name ? {} : { 'aria-label': label })}>
            {g.name && <Header>{g.name}</Header>}
            {g.items.map((i) => (
              <MenuItem key={i.id} id={i.id} textValue={i.words}>
                <Text slot="label" style={i.about ? { fontWeight: 640 } : {}}>
                  {i.words}
                </Text>
                {i.about && <Text slot="description">{i.about}</Text>}
              </MenuItem>
            ))}
          </MenuSection>
        ))}
    </Root>
  </Pop>
);
