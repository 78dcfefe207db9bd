'use client';
import { useSyncExternalStore, type ReactNode } from 'react';

const nothing = () => () => undefined;

interface Props {
  readonly children: ReactNode;
  /** What stands there until then. */
  readonly ahead?: ReactNode;
}

/**
 * Draws its children in the browser only. What has to be judged first is judged there, while somebody types, anyway: a server
 * that did it too would keep all others waiting.
 */
export function OnClient({ children, ahead = <main id="main" aria-busy="true" /> }: Props) {
  const isHere = useSyncExternalStore(
    nothing,
    () => true,
    () => false,
  );
  return isHere ? children : ahead;
}
