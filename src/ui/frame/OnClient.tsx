'use client';
import { useSyncExternalStore, type ReactNode } from 'react';

const nothing = () => () => undefined;

/**
 * Draws its children in the browser only. What has to be judged first is judged there, while somebody types, anyway: a server
 * that did it too would keep all others waiting.
 */
export function OnClient({ children }: { readonly children: ReactNode }) {
  const isHere = useSyncExternalStore(
    nothing,
    () => true,
    () => false,
  );
  return isHere ? children : <main id="main" aria-busy="true" />;
}
