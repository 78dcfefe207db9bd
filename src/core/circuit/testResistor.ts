/**
 * A wire-wound resistor takes five times its rating for five seconds, and its own rating for good: in between the heat
 * that it may store decides. Engineering default; its sheet may say otherwise.
 */
const STORES_SECONDS = 25;
/** More than this over its rating it does not take at all. */
const MOST_OVER = 10;

/**
 * How long a test resistor may stay on.
 * @param burntWatts V²/R  @param ratedWatts what is printed on it
 * @returns seconds; Infinity at or under its rating, 0 where it is too small for the load
 */
export function resistorSeconds(burntWatts: number, ratedWatts: number): number {
  if (burntWatts <= ratedWatts) return Infinity;
  if (burntWatts > MOST_OVER * ratedWatts) return 0;
  return (STORES_SECONDS * ratedWatts) / burntWatts;
}
