import { styled } from 'styled-components';
import { Sheet } from '../../parts/sheet';

/** One of the three panes of the designer. */
export const Pane = styled(Sheet)`
  display: flex;
  flex-direction: column;
  min-height: 0;
  min-width: 0;
  overflow: hidden;
`;
