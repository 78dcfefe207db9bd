import { useEffect, useSyncExternalStore } from 'react';
import { lookForFirm } from '../log/api';
import { firmNow, onFirm, type Firm } from '../log/firm';

/** So often it is looked whether the firm’s server is there, while somebody looks at the page, ms. */
const LOOK_MS = 30_000;
const AT_FIRST: Firm = firmNow();

/** Where the firm stands. */
export const useFirm = (): Firm => useSyncExternalStore(onFirm, firmNow, () => AT_FIRST);

/** Goes on asking whether the firm’s server is there: a page that lies here asks it nothing else. */
export function useLookForFirm(): void {
  useEffect(() => {
    const look = (): void => {
      if (document.visibilityState === 'visible') void lookForFirm();
    };
    look();
    const timer = setInterval(look, LOOK_MS);
    const changes = [
      [document, 'visibilitychange'],
      [window, 'online'],
      [window, 'offline'],
    ] as const;
    for (const [of, name] of changes) of.addEventListener(name, look);
    return () => {
      clearInterval(timer);
      for (const [of, name] of changes) of.removeEventListener(name, look);
    };
  }, []);
}
