// Whether the firm’s server answers, as far as this page has asked: every question tells, whatever it was for.

/** Where the firm stands. */
export interface Firm {
  readonly isAway: boolean;
  /** When it answered last, ms since 1970; null: never, as far as this browser knows. */
  readonly reachedAt: number | null;
}

const KEY = 'fox-ladder-reached';
/** So often at most it is written down when it answered, ms. */
const NOTED_MS = 5000;

let firm: Firm = { isAway: false, reachedAt: null };
const listeners = new Set<() => void>();

function become(next: Firm): void {
  const hasChanged = next.isAway !== firm.isAway;
  firm = next;
  if (hasChanged) for (const listener of listeners) listener();
}

let notedAt = 0;
/** Writes down when it answered, for pages that are opened later. */
function note(at: number): void {
  if (at - notedAt < NOTED_MS) return;
  notedAt = at;
  try {
    localStorage.setItem(KEY, String(at));
  } catch {
    // A store that is full, or shut, stops no question
  }
}

/** When it answered last as another page of this browser knew it. */
function notedBefore(): number | null {
  try {
    const noted = localStorage.getItem(KEY);
    return noted === null || Number.isNaN(Number(noted)) ? null : Number(noted);
  } catch {
    return null;
  }
}

/** The firm’s server has answered. */
export function noteReached(at = Date.now()): void {
  note(at);
  become({ isAway: false, reachedAt: at });
}

/** Nobody has answered, or somebody else. */
export function noteAway(): void {
  if (!firm.isAway) become({ isAway: true, reachedAt: firm.reachedAt ?? notedBefore() });
}

export const firmNow = (): Firm => firm;
export const onFirm = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};
