import type { ReactNode } from 'react';
import { Blank } from './blank';
import { Button } from './button';

/**
 * Something could not be had: what, why, and what to do.
 *
 * @example <Failed what="The clients cannot be opened" error={error} again={refetch} />
 */
export const Failed = ({
  what,
  error,
  again,
}: {
  what: string;
  error: Error;
  again: () => void;
}): ReactNode => (
  <Blank title={what}>
    <p>{error.message}</p>
    <Button onPress={again}>Try again</Button>
  </Blank>
);
