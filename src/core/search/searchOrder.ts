/** A place where something may be, and what looking there costs. */
export interface Place {
  readonly id: string;
  /** Not negative; the list need not sum to 1. */
  readonly probability: number;
  readonly minutes: number;
}

export interface SearchOrder {
  readonly order: readonly string[];
  /** Minutes until it is found, the place where it is found counted whole. */
  readonly expectedMinutes: number;
}

/** Two products closer than this, relatively, are one value written with different rounding. */
const SAME = 1e-12;

/** Which of two places to look at first: the one that finds more per minute (exchange argument); 0 minutes first. */
function compare(a: Place, b: Place): number {
  if (a.minutes === 0 || b.minutes === 0) return a.minutes === b.minutes ? 0 : a.minutes === 0 ? -1 : 1;
  const left = a.probability * b.minutes;
  const right = b.probability * a.minutes;
  return Math.abs(left - right) <= SAME * Math.max(left, right) ? 0 : right - left;
}

/** Places in the order that finds soonest on average; ties stay in the order given. */
export const inSearchOrder = <P extends Place>(places: readonly P[]): readonly P[] => [...places].sort(compare);

/**
 * Order of looking with the least expected minutes, where exactly one of the places holds it (contract
 * `/compute/search-order`).
 * @returns null where no place has any probability
 */
export function searchOrder(places: readonly Place[]): SearchOrder | null {
  // By the largest first: a sum of large numbers must not overflow
  const largest = Math.max(0, ...places.map(({ probability }) => probability));
  if (largest === 0) return null;
  const scaled = places.map((place) => ({ ...place, probability: place.probability / largest }));
  const total = scaled.reduce((sum, { probability }) => sum + probability, 0);
  const order = inSearchOrder(scaled);
  let minutes = 0;
  let expectedMinutes = 0;
  for (const place of order) {
    minutes += place.minutes;
    expectedMinutes += (place.probability / total) * minutes;
  }
  return { order: order.map(({ id }) => id), expectedMinutes };
}
