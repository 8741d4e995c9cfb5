import { styled } from 'styled-components';
import { ink, size } from '../look/theme';
import { field } from './surfaces';

export const Field = styled.input`
  ${field}
`;
export const Area = styled.textarea`
  ${field}
  resize: vertical;
`;
export const Choice = styled.select`
  ${field}
`;

export const Label = styled.label`
  display: grid;
  gap: 3px;
  font-size: ${size.fine};
  color: ${ink.soft};
  > * {
    font-size: ${size.small};
    color: ${ink.ink};
  }
`;
