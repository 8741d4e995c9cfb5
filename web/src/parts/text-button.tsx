import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import { ink } from '../look/theme';

/**
 * Words that do something when pressed and otherwise read like the text they stand in.
 *
 * @example <TextButton onPress={show}>Front delts dominate</TextButton>
 */
export const TextButton = styled(Button)`
  border: none;
  background: none;
  padding: 0;
  font: inherit;
  color: inherit;
  text-align: left;
  cursor: pointer;
  &[data-hovered] {
    text-decoration: underline;
    text-decoration-color: ${ink.soft};
    text-underline-offset: 2px;
  }
`;
