import type { ReactNode } from 'react';
import { Button as Pressed, type ButtonProps as PressedProps } from 'react-aria-components';
import { css, styled } from 'styled-components';
import { ink, size } from '../look/theme';

const kinds = {
  plain: css`
    background: transparent;
    border-color: ${ink.ink};
    color: ${ink.ink};
  `,
  quiet: css`
    background: transparent;
    border-color: transparent;
    color: ${ink.ink};
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

export interface Face {
  $kind: keyof typeof kinds;
  $small: boolean;
}

/** How a button looks, whatever it is made of. */
export const buttonFace = css<Face>`
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
const Pressable = styled(Pressed)<Face>`
  ${buttonFace}
`;

export interface ButtonProps extends PressedProps {
  kind?: keyof typeof kinds;
  small?: boolean;
}

/**
 * A button. Its words are a verb.
 *
 * @example <Button kind="strong" onPress={save}>Save</Button>
 */
export const Button = ({ kind = 'plain', small = false, ...rest }: ButtonProps): ReactNode => (
  <Pressable $kind={kind} $small={small} {...rest} />
);
