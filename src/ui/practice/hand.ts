import { DIAL, type BenchState, type DialFunction, type Terminal } from '@/core/practice';

/** How dial and leads stand. */
export interface Hand {
  readonly dial: DialFunction;
  readonly range: number;
  readonly red: Terminal | null;
  readonly black: Terminal | null;
}

/** The range of a dial that serves first. */
export const firstRange = (dial: DialFunction): number =>
  dial === 'voltsAc' || dial === 'voltsDc' ? DIAL[dial].ranges[1] : DIAL[dial].ranges[0];

/** What is in the hand when one comes back to a house: the leads as they were put last, if nothing was done since. */
export function handAfter({ events }: BenchState): Hand {
  const act = events.at(-1)?.act;
  return act?.do === 'read'
    ? { dial: act.dial, range: act.range, red: act.red, black: act.black }
    : { dial: 'voltsAc', range: firstRange('voltsAc'), red: null, black: null };
}
