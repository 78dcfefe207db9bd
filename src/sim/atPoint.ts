import type {
  CodeReading,
  DeviceScript,
  DeviceTold,
  Held,
  LeanReading,
  Meter,
  PhoneReading,
} from '@/contract/instrument';
import { predictedVolts } from '@/core/bell';
import type { LastingState } from '@/core/catalogue';
import { regionOf, type Job } from '@/core/job';
import { assess, bellSurveyAt, boxSurveyOf, circuitsOfPoint, wifiPathOf, yardSceneOf, type Point } from '@/core/points';
import { seeded } from '@/core/random';
import { turnOf } from '@/core/view';
import { cameraAt } from '@/core/yard';
import { simulatedDevice, type DeviceSupply } from './device/simulatedDevice';
import { meterBench } from './meter/bench';
import { ORDINARY, seedOf, simulatedMeter } from './meter/simulatedMeter';
import { simulatedCode } from './phone/simulatedCode';
import { simulatedLean } from './phone/simulatedLean';
import { simulatedPhone } from './phone/simulatedPhone';

// Each simulated device as it stands at a point of a job. Pure: the same job gives the same readings, in the browser that is
// far from any server as behind the interface.

/** The simulated meter on a point's circuit as surveyed. Off is what every circuit that feeds it says of itself. */
export function meterAt(job: Job, point: Point): Meter {
  const circuits = circuitsOfPoint(job, point);
  const off =
    circuits.length > 0 && circuits.every(({ state }) => state.state === 'off' || state.state === 'provedDead');
  // What the meter itself read is no knowledge of the house: else it would wander with every reading
  const really = ({ data }: { readonly data: { readonly simulated?: boolean | undefined } }): boolean =>
    !data.simulated;
  const seed = seedOf(job.id, point.id);
  const bell = bellSurveyAt(job, point, really);
  const box = boxSurveyOf({ ...point, tests: point.tests.filter(really) });
  return simulatedMeter(meterBench(regionOf(job), bell, !off, seed, box), ORDINARY, seed);
}

/** The device tries the Wi-Fi once, after all tries of a phone. */
const DEVICE_TRY = 1000;

/** What a house is like where nobody measured the way to the router yet. */
const UNKNOWN_PATH = { distanceM: 11, walls: ['timber', 'brick'], band: '2.4' } as const;

/** The simulated phone at a point's spot, one try after the other. */
export function phoneAt(job: Job, point: Point): PhoneReading {
  return simulatedPhone(wifiPathOf(job, point) ?? UNKNOWN_PATH, seedOf(job.id, point.id, 'wifi'), point.wifi.length);
}

/** The code that the simulated scanner reads at a point. */
export const codeAt = (job: Job, point: Point): CodeReading => simulatedCode(seedOf(job.id, point.id, 'code'));

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
export function deviceAt(job: Job, point: Point, told: DeviceTold): DeviceScript {
  const wifi = simulatedPhone(wifiPathOf(job, point) ?? UNKNOWN_PATH, seedOf(job.id, point.id, 'wifi'), DEVICE_TRY);
  const seed = seedOf(job.id, point.id, 'device');
  return simulatedDevice(supplyAt(job, point, seed), told, wifi, seed);
}

/** The simulated phone, held along the head of a floodlight camera or against its wall. */
export function leanAt(job: Job, point: Point, held: Held): LeanReading {
  const yard = yardSceneOf(job, point);
  const { bearingDeg, tiltDownDeg } = yard ? cameraAt(yard.scene, yard.aim) : { bearingDeg: 0, tiltDownDeg: 15 };
  const truth = {
    wallBearingDeg: point.look.wallBearingDeg ?? null,
    turnDeg: turnOf(bearingDeg),
    downDeg: tiltDownDeg,
  };
  return simulatedLean(truth, held, seedOf(job.id, point.id, 'lean'), jobLeans(point));
}

/** Another try wanders a little: as many as were noted. */
const jobLeans = ({ mount }: Point): number => Object.keys(mount).length;
