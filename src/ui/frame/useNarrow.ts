import { useSyncExternalStore } from 'react';

const QUERY = '(max-width: 620px)';

/** Whether the window is a phone's: drawings have a standing layout there. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      const media = window.matchMedia(QUERY);
      media.addEventListener('change', listener);
      return () => media.removeEventListener('change', listener);
    },
    () => window.matchMedia(QUERY).matches,
    () => false,
  );
