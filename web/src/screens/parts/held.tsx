import { useState, type ReactNode } from 'react';

/** A value with a way to change it, handed to the example. */
export function Held<T>({
  start,
  children,
}: {
  start: T;
  children: (value: T, set: (value: T) => void) => ReactNode;
}) {
  const [value, set] = useState(start);
  return children(value, set);
}
