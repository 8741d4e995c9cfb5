import { useState, type ReactNode } from 'react';
import { Button } from '../../parts/button';
import { TextField } from '../../parts/text-field';

/** Why a finding is set aside; nothing is kept without a reason. `children`: what else is asked. */
export function ReasonForm({
  onKeep,
  children,
}: {
  onKeep: (reason: string) => void;
  children?: ReactNode;
}): ReactNode {
  const [reason, setReason] = useState('');
  const why = reason.trim();
  return (
    <form
      className="foot"
      onSubmit={(e) => {
        e.preventDefault();
        if (why !== '') onKeep(why);
      }}
    >
      <TextField
        label="Why go on anyway"
        labelPlace="unseen"
        placeholder="Why go on anyway?"
        autoFocus
        value={reason}
        maxLength={300}
        onChange={setReason}
      />
      {children}
      <Button small type="submit" isDisabled={why === ''}>
        Keep it
      </Button>
    </form>
  );
}
