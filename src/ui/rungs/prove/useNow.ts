import { useSyncExternalStore } from 'react';
import { now } from '../../log/clock';

const SECOND_MS = 1000;

/** The time by the server’s clock in whole seconds since 1970, again every second; 0 on the server. */
export const useNow = (): number =>
  useSyncExternalStore(
    (listener) => {
      const timer = setInterval(listener, SECOND_MS);
      return () => clearInterval(timer);
    },
    () => Math.floor(now() / SECOND_MS),
    () => 0,
  );
