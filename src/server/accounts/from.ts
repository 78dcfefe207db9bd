/** Carries the address that a request came from; the server’s own door writes it over whatever was sent (`scripts/listen.mjs`). */
export const FROM_HEADER = 'x-fox-ladder-from';
