// The server’s time, as far as its answers tell it: a device’s own clock may be wrong by hours, and proofs hang on order.

/** What the server’s clock is ahead of this one, ms. */
let ahead = 0;

/** A difference below this is the way of an answer, ms: a server tells whole seconds. */
const NOTICED_MS = 3000;

/** Learns from the time that an answer bears. @returns whether the clock was corrected by it */
export function learnTime(told: string | null | undefined): boolean {
  const server = told ? Date.parse(told) : NaN;
  if (Number.isNaN(server) || Math.abs(server - now()) < NOTICED_MS) return false;
  ahead = server - Date.now();
  return true;
}

/** What the server’s clock is taken to be ahead of this one, ms: what is dated here is dated by it. */
export const correction = (): number => ahead;

/** Now by the server’s clock, ms since 1970. */
export const now = (): number => Date.now() + ahead;

export const nowIso = (): string => new Date(now()).toISOString();
