import type { Client } from '@drimbo/core/session';
import { styled } from 'styled-components';
import { changeClient } from '../../data/change-client';
import { ink, size } from '../../look/theme';
import { tell } from '../../parts/toast';

/** A form and what was kept by it. */
export const Body = styled.div`
  padding: 0 12px 12px;
  font-size: ${size.small};
  display: grid;
  gap: 10px;
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: end;
  }
  li {
    display: flex;
    gap: 10px;
    align-items: baseline;
    border-top: 1px solid ${ink.hush};
    padding: 4px 0;
  }
  li > :first-child {
    flex: 1;
    min-width: 0;
    overflow-wrap: anywhere;
  }
  .soft {
    color: ${ink.soft};
  }
`;

/** Whom it is about. */
export interface Of {
  id: string;
  client: Client;
}

/** Changes the client, and says so where it cannot be kept; what was taken out comes back by its undo. */
export function change(
  id: string,
  to: (c: Client) => Client,
  undo?: { says: string; back: (c: Client) => Client },
): void {
  changeClient(id, to).then(
    () => undo && tell(undo.says, () => change(id, undo.back)),
    (error: Error) => tell(`Nothing was changed: ${error.message}`),
  );
}
