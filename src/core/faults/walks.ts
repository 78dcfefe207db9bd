import type { Walk } from './troubleshooting';

/** Minutes from one place to another by the shortest way. */
export const minutesBetween = (walks: readonly Walk[], from: string, to: string): number => {
  const places = [...new Set([from, to, ...walks.flatMap((walk) => [walk.from, walk.to])])];
  return shortestWalks(places, walks)[places.indexOf(from)]?.[places.indexOf(to)] ?? 0;
};

/** Minutes between any two places by the shortest way, a row and a column for each place; no way between them: none. */
export function shortestWalks(places: readonly string[], walks: readonly Walk[]): readonly Float64Array[] {
  const index = new Map(places.map((place, i) => [place, i]));
  const between = places.map((_, i) => new Float64Array(places.length).fill(Infinity).fill(0, i, i + 1));
  const shorten = (a: number, b: number, minutes: number): void => {
    const row = between[a];
    if (row && minutes < (row[b] ?? Infinity)) row[b] = minutes;
  };
  for (const { from, to, minutes } of walks) {
    const [a, b] = [index.get(from), index.get(to)];
    if (a === undefined || b === undefined) continue;
    shorten(a, b, minutes);
    shorten(b, a, minutes);
  }
  for (let via = 0; via < places.length; via++)
    for (let a = 0; a < places.length; a++) {
      const way = between[a]?.[via] ?? Infinity;
      if (way === Infinity) continue;
      for (let b = 0; b < places.length; b++) shorten(a, b, way + (between[via]?.[b] ?? Infinity));
    }
  // Nobody said how far apart they are: it costs nothing
  for (const row of between) row.forEach((minutes, i) => (row[i] = minutes === Infinity ? 0 : minutes));
  return between;
}
