import { getPosition, getTimes } from 'suncalc';
import type { SitePlan } from '@/core/site';
import type { Almanac } from '@/core/yard';

type OnEarth = NonNullable<SitePlan['onEarth']>;
const degrees = (radians: number): number => (radians * 180) / Math.PI;

/** Where the sun stands over a place. The almanac counts from south, westwards. */
export const almanacOf =
  ({ latitudeDeg, longitudeDeg }: OnEarth): Almanac =>
  (atMs) => {
    const { azimuth, altitude } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
    return { bearingDeg: degrees(azimuth) + 180, heightDeg: degrees(altitude) };
  };

/** When it is dark enough for a check by night: the end of civil dusk of a day; null where the sun does not set. */
export function duskOf(day: Date, { latitudeDeg, longitudeDeg }: OnEarth): Date | null {
  const { dusk } = getTimes(day, latitudeDeg, longitudeDeg);
  return Number.isNaN(dusk.getTime()) ? null : dusk;
}
