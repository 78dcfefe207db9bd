import { awgToMm2 } from '../../circuit';
import {
  DOOR_FAULT_KINDS,
  DOOR_TEST_KINDS,
  faultFits,
  testFits,
  type DoorCase,
  type DoorFault,
  type DoorSymptom,
  type TroubledBell,
} from '../../faults';
import { DOOR_FAULT_FACTS, DOOR_TEST_FACTS, NOT_OFFERED } from '../../points';
import { picked, type Random } from '../../random';
import type { Level, MadeUp as MadeUpCase } from '../levels';

/** Faults that one test at the right place shows. */
const PLAIN: readonly DoorFault[] = [
  'feedOff',
  'switchedFeed',
  'transformerDead',
  'openToChime',
  'openToDoor',
  'shortToDoor',
  'fuseOpen',
  'deviceDead',
  'routerAsleep',
  'passwordChanged',
];

/** What never was enough is no fault that came: a made-up house once worked. */
const hides = (kind: DoorFault): boolean => kind !== 'notEnough';

const run = (lengthM: number, awg: number, celsiusLow: number, celsiusHigh: number) => ({
  lengthM,
  lengthPercent: 20,
  mm2: awgToMm2(awg),
  pairs: 1,
  celsiusLow,
  celsiusHigh,
});
const AMERICA = { nominalVolts: 120, lowPercent: -10, highPercent: 5, frequencyHz: 60 } as const;
const BRITAIN = { nominalVolts: 230, lowPercent: -6, highPercent: 10, frequencyHz: 50 } as const;
const METER = { percent: 1, counts: 3, resolutionVolts: 0.1 } as const;
const WIFI = { dbm: -60, dbmPlusMinus: 5, needsDbm: -75 } as const;
/** Engineering figures of no device in particular, in the state of each complaint. */
const WATTS: Readonly<Record<DoorSymptom, number>> = {
  offline: 4.5,
  weak: 3.8,
  noChime: 2.2,
  dropsAtNight: 5.2,
  notTold: 2.2,
};
const DEVICE = { wattsPercent: 15, powerFactor: 0.75, displacementFactor: 1 } as const;

interface MadeUp {
  readonly regionId: string;
  readonly bell: Omit<TroubledBell, 'symptom' | 'device'> & {
    readonly device: Pick<TroubledBell['device'], 'doorMinVolts' | 'doorFullVolts'>;
  };
}

const FIRST: MadeUp = {
  regionId: 'na-120',
  bell: {
    mains: AMERICA,
    source: { ratedVolts: 16, ratedVa: 30 },
    runs: { toChime: run(11, 20, 15, 30), toDoor: run(8, 20, -10, 40) },
    chime: { kind: 'mechanical', ratedVolts: 16, intended: 'shunt' },
    device: { doorMinVolts: 12, doorFullVolts: 14 },
    wifi: WIFI,
    meter: METER,
  },
};
/** Houses of the kinds that are met: a coil with its module, a chime that is passed by, none. */
const HOUSES: readonly MadeUp[] = [
  FIRST,
  {
    regionId: 'na-120',
    bell: {
      mains: AMERICA,
      source: { ratedVolts: 16, ratedVa: 20 },
      runs: { toChime: run(6, 18, 15, 30), toDoor: run(13, 20, -10, 40) },
      chime: { kind: 'mechanical', ratedVolts: 16, intended: 'link' },
      device: { doorMinVolts: 12, doorFullVolts: 14 },
      wifi: WIFI,
      meter: METER,
    },
  },
  {
    regionId: 'na-120',
    bell: {
      mains: AMERICA,
      source: { ratedVolts: 24, ratedVa: 40 },
      runs: { toChime: run(16, 18, 15, 30), toDoor: run(10, 22, -10, 40) },
      chime: { kind: 'mechanical', ratedVolts: 16, intended: 'shunt' },
      device: { doorMinVolts: 14, doorFullVolts: 16 },
      wifi: WIFI,
      meter: METER,
    },
  },
  {
    regionId: 'gb-230',
    bell: {
      mains: BRITAIN,
      source: { ratedVolts: 24, ratedVa: 24 },
      runs: { toChime: run(4, 20, 12, 28), toDoor: run(9, 20, -5, 35) },
      chime: { kind: 'none', ratedVolts: null, intended: 'none' },
      device: { doorMinVolts: 13, doorFullVolts: 15 },
      sharesSupply: true,
      wifi: WIFI,
      meter: METER,
    },
  },
  {
    regionId: 'gb-230',
    bell: {
      mains: BRITAIN,
      source: { ratedVolts: 12, ratedVa: 18 },
      runs: { toChime: run(5, 20, 12, 28), toDoor: run(6, 22, -5, 35) },
      chime: { kind: 'mechanical', ratedVolts: 12, intended: 'link' },
      device: { doorMinVolts: 8, doorFullVolts: 10 },
      wifi: WIFI,
      meter: METER,
    },
  },
];

/** A made-up house with a doorbell and a complaint, as its finder is asked about it; nothing is hidden in it yet. */
export function madeUpDoor(level: Level, random: Random): MadeUpCase<DoorCase> {
  const { regionId, bell: known } = picked(HOUSES, random) ?? FIRST;
  const isHeard = known.chime.kind === 'mechanical' && known.chime.intended === 'shunt';
  const symptoms: readonly DoorSymptom[] =
    level === 'plain'
      ? ['offline']
      : ['offline', 'offline', 'offline', 'dropsAtNight', 'notTold', ...(isHeard ? (['noChime'] as const) : [])];
  const symptom = picked(symptoms, random) ?? 'offline';
  const bell: TroubledBell = {
    ...known,
    symptom,
    device: {
      ...DEVICE,
      ...known.device,
      watts: WATTS[symptom],
      ...(symptom === 'dropsAtNight' ? { dayWatts: WATTS.weak } : {}),
    },
  };
  const faults = DOOR_FAULT_KINDS.filter(
    (kind) => hides(kind) && faultFits(kind, bell) && (level !== 'plain' || PLAIN.includes(kind)),
  );
  const asked: DoorCase = {
    of: 'door',
    bell,
    known: null,
    faults: faults.map((kind) => ({
      kind,
      probability: DOOR_FAULT_FACTS[kind].weight,
      repairMinutes: DOOR_FAULT_FACTS[kind].minutes,
    })),
    tests: DOOR_TEST_KINDS.filter((kind) => testFits(kind, bell) && !NOT_OFFERED.includes(kind)).map((kind) => ({
      kind,
      minutes: DOOR_TEST_FACTS[kind].minutes,
    })),
    walks: [],
    at: null,
    done: [],
    afterRepair: { kind: 'doorVoltsRunning', minutes: 0 },
  };
  return { regionId, asked };
}
