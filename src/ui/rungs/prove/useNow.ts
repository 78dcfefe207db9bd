import { useSyncExternalStore } from 'react';

const SECOND_MS = 1000;

/** The time in whole seconds since 1970, again every second; 0 on the server. */
export const useNow = (): number =>
  useSyncExternalStore(
    (listener) => {
      const timer = setInterval(listener, SECOND_MS);
      return () => clearInterval(timer);
    },
    () => Math.floor(Date.now() / SECOND_MS),
    () => 0,
  );
