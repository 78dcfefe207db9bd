import { said } from '../said';
import type { Job } from '../job/job';
import type { NextMove } from '../kinds/rungs';
import { move } from './moves';
import { WIFI_LIMITS, WIFI_SPREAD_DB } from '../wifi';
import type { Worry } from './climb';
import { pointSteps } from './planOf';
import type { Point } from './point';
import { wifiOf } from './wifi';

/** As codes are compared: how they were typed is no difference. */
const plain = (text: string): string => text.replace(/\s+/g, '').toLowerCase();

/** The point of this job whose device has the same code or serial number; null where none has. */
export function sameDevice(job: Job, point: Point): Point | null {
  const { code, serial } = point.device;
  const isSame = (mine: string | undefined, theirs: string | undefined): boolean =>
    mine !== undefined && theirs !== undefined && plain(mine) === plain(theirs);
  return (
    job.points.find(
      ({ id, device }) => id !== point.id && (isSame(code, device.code) || isSame(serial, device.serial)),
    ) ?? null
  );
}

/** A name by the site’s scheme, place and number: free among those that the job’s devices have. */
export function schemeName(job: Job, point: Point): string {
  const taken = new Set(
    job.points.flatMap(({ id, device }) => (id !== point.id && device.calledThere ? [plain(device.calledThere)] : [])),
  );
  for (let number = 1; ; number++) {
    const name = `${point.name} ${number}`;
    if (!taken.has(plain(name))) return name;
  }
}

/** What is on the back of a device is read before it hangs; null once it was, or once it hangs. */
export const atCode = ({ device, mount }: Point): NextMove | null =>
  device.code === undefined && device.codeReadBy !== 'none' && mount.heightM === undefined
    ? move('mount', said('readCodeBeforeMount'), said('codeIsBehind'))
    : null;

/** A camera that hangs with its wires: its code is read while it still lies in its box, before any step. */
export const atCodeInItsBox = (point: Point): NextMove | null =>
  pointSteps(point).some(({ id }) => id in point.ticks) ? null : atCode(point);

/** What is wrong with a device’s identity, and with the network as it has it beside what Look found. */
export function identityWorries(job: Job, point: Point): readonly Worry[] {
  const found: Worry[] = [];
  const twin = sameDevice(job, point);
  if (twin) found.push({ id: 'code-twice', rung: 'prove', words: said('codeTwice', { other: twin.name }) });
  const { network, dbm, upMbit } = point.device;
  const { wifiName } = job.customer;
  if (network !== undefined && wifiName !== undefined && plain(network) !== plain(wifiName))
    found.push({ id: 'other-network', rung: 'prove', words: said('otherNetwork', { network, wifiName }) });
  const look = wifiOf(job, point);
  if (dbm !== undefined && dbm < WIFI_LIMITS.extenderDbm)
    found.push({ id: 'weak-at-device', rung: 'prove', words: said('weakAtDevice', { dbm }) });
  else if (dbm !== undefined && look && dbm < look.dbm - WIFI_SPREAD_DB)
    found.push({ id: 'weaker-at-device', rung: 'prove', words: said('weakerAtDevice', { dbm, lookDbm: look.dbm }) });
  if (upMbit !== undefined && upMbit < WIFI_LIMITS.upMbit)
    found.push({
      id: 'slow-at-device',
      rung: 'prove',
      words: said('slowAtDevice', { upMbit, needed: WIFI_LIMITS.upMbit }),
    });
  return found;
}
