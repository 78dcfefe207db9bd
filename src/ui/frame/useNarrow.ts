import { useSyncExternalStore } from 'react';

/** From here down one column stands, with the foot bar under the thumb (`theme/_sizes`). */
const ONE_COLUMN = '(max-width: 1023px)';

const media = (): MediaQueryList | null =>
  typeof window === 'undefined' || typeof window.matchMedia !== 'function' ? null : window.matchMedia(ONE_COLUMN);

/** Whether this is a phone, or a window as narrow as one. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    (listener) => {
      const query = media();
      query?.addEventListener('change', listener);
      return () => query?.removeEventListener('change', listener);
    },
    () => media()?.matches ?? false,
    () => false,
  );
