import type { Job } from '../job/job';
import type { Worry } from './climb';
import type { Point } from './point';

/** What two people said differently of a point, of what it hangs on, or of the site. */
export const alsoSaidWorries = (job: Job, point: Point): readonly Worry[] =>
  job.alsoSaid
    .filter(({ of }) => of === null || of === point.id || Object.values(point.hangs).includes(of))
    .map((other): Worry => ({
      id: `also-${other.kind}-${other.field}`,
      rung: 'look',
      words: `${other.by.name} also said: ${FIELD_WORDS[other.field] ?? other.field} ${saidWords(other.value)}.`,
    }));

/** A said value in words: a profile by its name, a list by how much it holds. */
function saidWords(value: unknown): string {
  if (Array.isArray(value))
    return value.every((one) => typeof one !== 'object') ? value.join(', ') : `${value.length} of them`;
  if (typeof value === 'object' && value !== null) return 'name' in value ? String(value.name) : 'something else';
  return String(value);
}

/** Fields in words, for “also said”. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  ratedVolts: 'rated volts',
  ratedVa: 'rated VA',
  lengthLowM: 'run in metres',
  lengthHighM: 'run in metres, at most',
  wall: 'wall',
  chimeKind: 'chime',
  heightM: 'height in metres',
  wifiName: 'Wi-Fi name',
  device: 'doorbell',
  deviceId: 'doorbell',
  rearDevice: 'rear doorbell',
  rearDeviceId: 'rear doorbell',
  rear: 'rear door',
  secondChime: 'second chime',
  pair: 'pair of screws',
  taps: 'pairs of screws',
  freeWays: 'free ways',
};
