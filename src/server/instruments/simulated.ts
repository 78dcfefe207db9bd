import type {
  CodeReading,
  DeviceScript,
  DeviceTold,
  Held,
  LeanReading,
  Meter,
  PhoneReading,
} from '@/contract/instrument';
import { ProblemError } from '@/contract/problem';
import { regionOf, type Job } from '@/core/job';
import { turnOf } from '@/core/view';
import { cameraAt } from '@/core/yard';
import { assess, bellSurveyAt, boxSurveyOf, circuitsOfPoint, wifiPathOf, yardSceneOf, type Point } from '@/core/points';
import { predictedVolts } from '@/core/bell';
import type { LastingState } from '@/core/catalogue';
import { seeded } from '@/core/random';
import {
  ORDINARY,
  meterBench,
  seedOf,
  simulatedCode,
  simulatedDevice,
  simulatedLean,
  simulatedMeter,
  simulatedPhone,
  type DeviceSupply,
} from '@/sim';
import { jobLog, jobOf } from '../jobs/jobLog';
import { readSettings } from '../settings';
import type { Store } from '../storeOf';

/** @throws ProblemError 404 no such job or point · 409 simulated devices are switched off */
async function pointOf({ db }: Store, jobId: string, pointId: string): Promise<{ job: Job; point: Point }> {
  const { simulatedDevices } = await readSettings(db);
  if (!simulatedDevices)
    throw new ProblemError(409, 'Simulated devices are switched off in Settings.', [
      { path: '', message: 'simulated devices are off' },
    ]);
  const job = jobOf(await jobLog(db, jobId));
  const point = job.points.find(({ id }) => id === pointId);
  if (!point)
    throw new ProblemError(404, 'This job has no such point.', [{ path: 'point', message: 'is not in this job' }]);
  return { job, point };
}

/** The simulated meter on a point's circuit as surveyed. Off is what every circuit that feeds it says of itself. */
export async function meterOf(store: Store, jobId: string, pointId: string): Promise<Meter> {
  const { job, point } = await pointOf(store, jobId, pointId);
  const circuits = circuitsOfPoint(job, point);
  const off =
    circuits.length > 0 && circuits.every(({ state }) => state.state === 'off' || state.state === 'provedDead');
  // What the meter itself read is no knowledge of the house: else it would wander with every reading
  const really = ({ data }: { readonly data: { readonly simulated?: boolean | undefined } }): boolean =>
    !data.simulated;
  const seed = seedOf(jobId, pointId);
  const bell = bellSurveyAt(job, point, really);
  const box = boxSurveyOf({ ...point, tests: point.tests.filter(really) });
  return simulatedMeter(meterBench(regionOf(job), bell, !off, seed, box), ORDINARY, seed);
}

/** The device tries the Wi-Fi once, after all tries of a phone. */
const DEVICE_TRY = 1000;

/** What a house is like where nobody measured the way to the router yet. */
const UNKNOWN_PATH = { distanceM: 11, walls: ['timber', 'brick'], band: '2.4' } as const;

/** The simulated phone at a point's spot, one try after the other. */
export async function phoneAt(store: Store, jobId: string, pointId: string): Promise<PhoneReading> {
  const { job, point } = await pointOf(store, jobId, pointId);
  return simulatedPhone(wifiPathOf(job, point) ?? UNKNOWN_PATH, seedOf(jobId, pointId, 'wifi'), point.wifi.length);
}

/** The code that the simulated scanner reads at a point. */
export async function codeAt(store: Store, jobId: string, pointId: string): Promise<CodeReading> {
  await pointOf(store, jobId, pointId);
  return simulatedCode(seedOf(jobId, pointId, 'code'));
}

/** Volts at a doorbell’s screws as its house gives them by the way that was taken; null at what hangs on the mains. */
function supplyAt(job: Job, point: Point, seed: number): DeviceSupply | null {
  if (!bellSurveyAt(job, point, () => true)) return null;
  const { known, reference, survey } = assess(job, point);
  const { device } = survey;
  // Somewhere in what is predicted, always the same at one door
  const share = seeded(seed)();
  const volts = (state: LastingState): number => {
    const { low, high } = predictedVolts(known, reference.change, state, null);
    return low + share * (high - low);
  };
  return {
    bootVolts: volts('boot'),
    standbyVolts: volts('standby'),
    doorMinVolts: device.doorMinVolts,
    doorFullVolts: device.doorFullVolts,
  };
}

/** How the simulated device at a point comes up, told what to do. */
export async function deviceAt(store: Store, jobId: string, pointId: string, told: DeviceTold): Promise<DeviceScript> {
  const { job, point } = await pointOf(store, jobId, pointId);
  const wifi = simulatedPhone(wifiPathOf(job, point) ?? UNKNOWN_PATH, seedOf(jobId, pointId, 'wifi'), DEVICE_TRY);
  const seed = seedOf(jobId, pointId, 'device');
  return simulatedDevice(supplyAt(job, point, seed), told, wifi, seed);
}

/** The simulated phone, held along the head of a floodlight camera or against its wall. */
export async function leanAt(store: Store, jobId: string, pointId: string, held: Held): Promise<LeanReading> {
  const { job, point } = await pointOf(store, jobId, pointId);
  const yard = yardSceneOf(job, point);
  const { bearingDeg, tiltDownDeg } = yard ? cameraAt(yard.scene, yard.aim) : { bearingDeg: 0, tiltDownDeg: 15 };
  const truth = {
    wallBearingDeg: point.look.wallBearingDeg ?? null,
    turnDeg: turnOf(bearingDeg),
    downDeg: tiltDownDeg,
  };
  return simulatedLean(truth, held, seedOf(jobId, pointId, 'lean'), jobLeans(point));
}

/** Another try wanders a little: as many as were noted. */
const jobLeans = ({ mount }: Point): number => Object.keys(mount).length;
