import { Suspense, useState, type ReactNode } from 'react';
import { Button, type ButtonProps } from './button';

/**
 * A button whose menu is fetched with the first press, and opens then.
 *
 * @example <Late button={{ kind: 'quiet' }} render={(button) => <Adapt button={button} />}>Adapt</Late>
 */
export function Late({
  render,
  button,
  children,
}: {
  /** The whole with this button, open to begin with; may still have to be fetched. */
  render: (button: ReactNode) => ReactNode;
  button: Omit<ButtonProps, 'children' | 'onPress'>;
  children: ReactNode;
}): ReactNode {
  const [isAsked, setAsked] = useState(false);
  const still = (
    <Button {...button} onPress={() => setAsked(true)}>
      {children}
    </Button>
  );
  return isAsked ? (
    <Suspense fallback={still}>{render(<Button {...button}>{children}</Button>)}</Suspense>
  ) : (
    still
  );
}
