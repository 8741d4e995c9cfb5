import type { ReactNode } from 'react';
import { Button, type ButtonProps } from 'react-aria-components';
import { css, styled } from 'styled-components';
import { ink, size } from '../look/theme';

const kinds = {
  plain: css`
    background: transparent;
    border-color: ${ink.ink};
  `,
  quiet: css`
    background: transparent;
    border-color: transparent;
    &[data-hovered] {
      background: ${ink.hush};
    }
  `,
  strong: css`
    background: ${ink.ink};
    border-color: ${ink.ink};
    color: ${ink.sheet};
  `,
};

const Pressable = styled(Button)<{ $kind: keyof typeof kinds; $small: boolean }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  border: 1px solid;
  border-radius: 3px;
  cursor: pointer;
  text-align: left;
  font-weight: 600;
  font-size: ${(p) => (p.$small ? size.fine : size.small)};
  padding: ${(p) => (p.$small ? '2px 7px' : '5px 11px')};
  min-height: ${(p) => (p.$small ? '24px' : '30px')};
  ${(p) => kinds[p.$kind]}
  &[data-pressed] {
    transform: translateY(1px);
  }
  &[data-disabled] {
    opacity: 0.45;
    cursor: default;
  }
`;

interface ActProps extends ButtonProps {
  kind?: keyof typeof kinds;
  small?: boolean;
}

/** A button. Its words are a verb. */
export const Act = ({ kind = 'plain', small = false, ...rest }: ActProps): ReactNode => (
  <Pressable $kind={kind} $small={small} {...rest} />
);
