import { useState, type ReactNode } from 'react';
import { styled } from 'styled-components';
import { signIn } from '../../data/access';
import { ink } from '../../look/theme';
import { Button } from '../../parts/button';
import { TextField } from '../../parts/text-field';

const Page = styled.main`
  max-width: 340px;
  margin: 12vh auto 0;
  padding: 0 16px;
  display: grid;
  gap: 14px;
  p {
    color: ${ink.soft};
  }
`;

/** Asked of everybody on the network before anything is shown. */
export function SignIn(): ReactNode {
  const [passcode, setPasscode] = useState('');
  const [wrong, setWrong] = useState<string>();
  const [isAsking, setAsking] = useState(false);
  return (
    <Page>
      <h1>drimbo</h1>
      <p>A coach signs in with the passcode. Clients open the link their coach sent them.</p>
      <form
        style={{ display: 'grid', gap: 10, justifyItems: 'start' }}
        onSubmit={(e) => {
          e.preventDefault();
          setAsking(true);
          signIn(passcode)
            .catch((error: Error) => setWrong(error.message))
            .finally(() => setAsking(false));
        }}
      >
        <TextField
          label="Passcode"
          isSecret
          autoFocus
          value={passcode}
          maxLength={200}
          wrong={wrong}
          onChange={(to) => {
            setPasscode(to);
            setWrong(undefined);
          }}
        />
        <Button kind="strong" type="submit" isDisabled={passcode === '' || isAsking}>
          {isAsking ? 'Looking…' : 'Sign in'}
        </Button>
      </form>
    </Page>
  );
}
