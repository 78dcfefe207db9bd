// What a browser keeps of the firm, by the names under which its pages and its service worker both find it.

export const KEPT = {
  /** The browser’s own database, and its table of jobs’ logs. */
  shelf: 'fox-ladder',
  logs: 'logs',
  pages: 'fox-ladder-pages',
  photos: 'fox-ladder-photos',
  /** In the plain store: in which state each page lies here, and when all of a day did. */
  pageStates: 'fox-ladder-kept-pages',
  dayAhead: 'fox-ladder-day-ahead',
} as const;

/** For how many days a device that people sign in on may be away: from one day to a season. */
export const AWAY_DAYS = { least: 1, most: 90 } as const;
/** Carries them with each page to whoever is signed in: the keeper of pages holds to it. */
export const AWAY_DAYS_HEADER = 'x-fox-ladder-away-days';
