import type { SupplyRoute } from '../../supply';
import type { Job } from '../../job/job';
import { regionOf } from '../../job/region';
import type { Doorbell } from './doorbell';

/** Bell wire that is laid where nobody says another: mm² of one conductor. */
const NEW_WIRE_MM2 = { awg: 0.823, mm2: 0.75 } as const;

/** The supply that was planned where there was no bell; null where none is. */
export function routeOf(job: Job, point: Doorbell): SupplyRoute | null {
  const { from, people, mm2, segments } = point.supply;
  if (from === undefined) return null;
  return { from, people: people ?? 1, mm2: mm2 ?? NEW_WIRE_MM2[regionOf(job).gauge], segments: segments ?? [] };
}
