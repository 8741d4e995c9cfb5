import type { ReactNode } from 'react';
import { Blank } from '../../parts/blank';

/** Where a link leads that is over, revoked or cut short. */
export const LinkOver = (): ReactNode => (
  <main>
    <Blank title="This link leads nowhere any more">
      <p>
        It is over, or your coach took it back. Ask for a new one; sets you logged stay on this phone until
        then.
      </p>
    </Blank>
  </main>
);
