import {
  asFound,
  circuitOf,
  estimate,
  houseAt,
  METER,
  RUN_CELSIUS,
  type BellSurvey,
  type Change,
  type Houses,
  type Reading,
} from '../../bell';
import { awgToMm2 } from '../../circuit';
import type { LastingState } from '../../catalogue';
import {
  DOOR_FAULTS,
  DOOR_FAULT_KINDS,
  DOOR_SYMPTOMS,
  DOOR_TESTS,
  DOOR_TEST_KINDS,
  faultFits,
  faultsIn,
  isDoorTest,
  isDoorTrouble,
  testFits,
  type DoorCase,
  type DoorFault,
  type DoorSymptom,
  type DoorTestKind,
  type KnownHouses,
  type TroubledBell,
} from '../../faults';
import type { Job } from '../../job/job';
import { WIFI_LIMITS } from '../../wifi';
import type { Assessment } from './assessment';
import type { Doorbell } from './doorbell';
import { readingOf } from './survey';
import type { Trouble } from '../pointView';
import { wifiOf } from '../wifi';
import {
  DOOR_FAULT_FACTS,
  DOOR_TEST_FACTS,
  DOOR_WALKS,
  LONG_CHARGED,
  NOT_OFFERED,
  SEEN_FINE,
  WORKED_BEFORE,
} from './doorFacts';
import { liveOrDeadOf } from '../liveOrDead';
import { doneOf, isTest, learnt, repairMinutes, untestedOf, walksInStates, type RepairsFound } from '../trouble';

/** What the device is doing when it fails so: a device that was off has to come up. */
const STATE_OF: Readonly<Record<DoorSymptom, LastingState>> = {
  offline: 'boot',
  weak: 'liveDay',
  noChime: 'standby',
  dropsAtNight: 'liveNight',
  notTold: 'standby',
};

/** What the device does while it is tested; of what this version does not know, nothing is said. */
export const stateAtSymptom = (symptom: string): LastingState | null =>
  DOOR_SYMPTOMS.some((one) => one === symptom) ? STATE_OF[symptom as DoorSymptom] : null;

/** The usual length of a run where nobody said it, m, and how far off a length may be, ± %. */
const USUAL_RUN = { toChime: 8, toDoor: 10, percent: 20, guessPercent: 60 } as const;
const USUAL_MM2 = awgToMm2(20);
/** What a Wi-Fi reading may be off of what it is on the day, ± dB. */
const DBM_PLUS_MINUS = { read: 5, predicted: 8 } as const;
const AFTER_HOURS = 2;
const HOUR_MS = 3_600_000;
/** A reading is believed less with every year, ± share of it. */
const AGEING = { perYear: 0.02, yearMs: 365 * 24 * HOUR_MS, fromYears: 0.25 } as const;
/** The house is drawn from so many, and what is fixed in it stays in the log’s own precision. */
const KNOWN_HOUSES = 1000;

function runOf({ runs }: BellSurvey, name: 'toChime' | 'toDoor'): TroubledBell['runs']['toChime'] {
  const { lengthM, gauge, pairs } = runs[name];
  const { low, high } = RUN_CELSIUS[name];
  return {
    lengthM: lengthM ? (lengthM.low + lengthM.high) / 2 : USUAL_RUN[name],
    lengthPercent: lengthM ? USUAL_RUN.percent : USUAL_RUN.guessPercent,
    mm2: gauge === null ? USUAL_MM2 : 'awg' in gauge ? awgToMm2(gauge.awg) : gauge.mm2,
    pairs,
    celsiusLow: low,
    celsiusHigh: high,
  };
}

/** The bell as it was meant to be: as chosen, else as it was found. */
const changeOf = ({ reference, survey }: Assessment): Change => (reference.chosen ? reference.change : asFound(survey));

function bellOf(job: Job, point: Doorbell, assessment: Assessment, symptom: DoorSymptom): TroubledBell {
  const { survey } = assessment;
  const { device, chime, region, nameplate } = survey;
  const change = changeOf(assessment);
  const wifi = wifiOf(job, point);
  const { path } = change.treatment;
  const coil = chime.kind === 'mechanical' || chime.kind === 'boxedMains' || (chime.kind === null && path !== 'none');
  const kind = coil ? 'mechanical' : chime.kind === 'electronic' ? 'electronic' : 'none';
  return {
    mains: { ...region.mains },
    source: {
      ratedVolts: change.transformer?.ratedVolts ?? nameplate.volts ?? region.bellGuess.volts,
      ratedVa: change.transformer?.ratedVa ?? nameplate.va ?? region.bellGuess.va[1],
    },
    runs: { toChime: runOf(survey, 'toChime'), toDoor: runOf(survey, 'toDoor') },
    chime: {
      kind,
      ratedVolts: chime.ratedVolts ?? nameplate.volts ?? region.bellGuess.volts,
      // A coil alone can stand in series or be shunted
      intended: kind === 'mechanical' || path === 'link' ? path : 'none',
    },
    device: {
      watts: device.watts[STATE_OF[symptom]],
      wattsPercent: device.wattsPercent,
      powerFactor: device.powerFactor,
      displacementFactor: device.displacementFactor,
      doorMinVolts: device.doorMinVolts,
      doorFullVolts: device.doorFullVolts,
      ...(symptom === 'dropsAtNight' ? { dayWatts: device.watts.liveDay } : {}),
    },
    symptom,
    wifi: wifi && {
      dbm: wifi.dbm,
      dbmPlusMinus: wifi.measured ? DBM_PLUS_MINUS.read : DBM_PLUS_MINUS.predicted,
      needsDbm: WIFI_LIMITS.extenderDbm - 5,
    },
    meter: { percent: METER.percent, counts: METER.counts, resolutionVolts: METER.resolutionVolts },
    sharesSupply: point.beside.length > 0,
  };
}

/** Whether its feed was seen not to hang on a light’s switch. */
const isAlwaysFed = ({ transformer, checks }: Doorbell): boolean =>
  transformer.alwaysFed === 'yes' || checks.switches?.data.result === 'passed';

/** A reading of before, held the less sharply the older it is. */
function aged(reading: Reading, years: number): Reading {
  if (reading.what === 'report' || years < AGEING.fromYears) return reading;
  const share = AGEING.perYear * years;
  const { low, high } = reading.value;
  return { ...reading, value: { low: low * (1 - share), high: high * (1 + share) } };
}

/** Houses that the readings of before the trouble leave: those taken since are of the house with its fault. */
function housesBefore(point: Doorbell, { survey, known }: Assessment, openedAt: number): Houses {
  const before = point.readings.flatMap((taken): readonly Reading[] => {
    const reading = readingOf(taken);
    const ageMs = openedAt - Date.parse(taken.at);
    return reading && ageMs >= 0 ? [aged(reading, ageMs / AGEING.yearMs)] : [];
  });
  const isSame = before.length === survey.readings.length && before.every((one) => survey.readings.includes(one));
  return isSame ? known.houses : estimate({ ...survey, readings: before }, KNOWN_HOUSES).houses;
}

function knownOf(survey: BellSurvey, houses: Houses, change: Change): KnownHouses {
  const day = { mains: 1, winding: 1, toChimeCelsius: RUN_CELSIUS.toChime.low, toDoorCelsius: RUN_CELSIUS.toDoor.low };
  const warmDay = {
    ...day,
    toChimeCelsius: RUN_CELSIUS.toChime.high,
    toDoorCelsius: RUN_CELSIUS.toDoor.high,
  };
  const all = Array.from({ length: houses.count }, (_, i) => {
    const house = houseAt(houses, i);
    return { house, cold: circuitOf(house, change, day), warm: circuitOf(house, change, warmDay) };
  });
  return {
    openVolts: all.map(({ cold }) => cold.emf),
    sourceOhms: all.map(({ cold }) => cold.sourceOhms),
    toChimeCold: all.map(({ cold }) => cold.toChimeOhms),
    toChimeWarm: all.map(({ warm }) => warm.toChimeOhms),
    toDoorCold: all.map(({ cold }) => cold.toDoorOhms),
    toDoorWarm: all.map(({ warm }) => warm.toDoorOhms),
    coilOhms: all.map(({ house }) => house.coilOhms),
    coilReactance: all.map(({ house }) => house.coilReactanceOhms),
    wattsFactor: all.map(({ house }) => house.watts),
  };
}

/** The test that an ordinary reading is, where the device was in the state that is spoken of. */
function testOf(reading: Reading, state: LastingState): { readonly test: DoorTestKind; readonly value: number } | null {
  if (reading.what === 'report') return null;
  const value = (reading.value.low + reading.value.high) / 2;
  switch (reading.what) {
    case 'mainsVolts':
      return { test: 'mainsVolts', value };
    case 'coilOhms':
      return { test: 'coilOhms', value };
    case 'loopOhms':
      return { test: reading.run === 'toChime' ? 'loopToChime' : 'loopToDoor', value };
    case 'volts':
      if (reading.state === 'open')
        return reading.at === 'chime' ? null : { test: reading.at === 'door' ? 'doorVoltsOpen' : 'openVolts', value };
      if (reading.state !== state || reading.at === 'chime') return null;
      return { test: reading.at === 'door' ? 'doorVoltsRunning' : 'runningVolts', value };
  }
}

/** What was read at Measure since the trouble was opened counts as if the finder had asked for it. */
function readSince(point: Doorbell, trouble: Trouble, state: LastingState): DoorCase['done'] {
  return point.readings.flatMap((taken) => {
    if (Date.parse(taken.at) < Date.parse(trouble.at)) return [];
    const reading = readingOf(taken);
    const as = reading ? testOf(reading, state) : null;
    const isAsked = as && trouble.acts.some((act) => isTest(act) && act.data.test === as.test);
    return as && !isAsked ? [{ test: as.test, found: { value: as.value } }] : [];
  });
}

/** The trouble of a doorbell as its finder takes it. */
export function doorCase(
  job: Job,
  point: Doorbell,
  assessment: Assessment,
  trouble: Trouble,
  symptom: DoorSymptom,
  at: string,
  found: RepairsFound,
): DoorCase {
  const bell = bellOf(job, point, assessment, symptom);
  const standing = liveOrDeadOf(job, point);
  const openedAt = Date.parse(trouble.at);
  const houses = housesBefore(point, assessment, openedAt);
  const poweredAt = Math.max(...Object.values(point.checks).map(({ at }) => Date.parse(at)), 0);
  const isFresh = poweredAt === 0 || openedAt - poweredAt < AFTER_HOURS * HOUR_MS;
  const weightOf = (kind: DoorFault): number => {
    const { weight } = DOOR_FAULT_FACTS[kind];
    if (kind === 'notEnough' && point.left) return weight * WORKED_BEFORE;
    if (kind === 'switchedFeed' && isAlwaysFed(point)) return weight * SEEN_FINE;
    return kind === 'firstCharge' && !isFresh ? weight * LONG_CHARGED : weight;
  };
  const untested = untestedOf(trouble);
  const faults = DOOR_FAULT_KINDS.filter((kind) => faultFits(kind, bell));
  const asked = (kind: DoorFault) => ({
    kind,
    probability: weightOf(kind),
    repairMinutes: repairMinutes(DOOR_FAULT_FACTS[kind], standing),
  });
  return {
    of: 'door',
    bell,
    known: knownOf(assessment.survey, houses, changeOf(assessment)),
    // What never was enough is told by this house’s own figures, not by how often it was so elsewhere
    faults: [...learnt(faults.filter((kind) => kind !== 'notEnough').map(asked), found), asked('notEnough')],
    tests: DOOR_TEST_KINDS.filter(
      (kind) => testFits(kind, bell) && !untested.has(kind) && !NOT_OFFERED.includes(kind),
    ).map((kind) => ({ kind, minutes: DOOR_TEST_FACTS[kind].minutes })),
    ...walksInStates(DOOR_WALKS, at, standing, [
      ...faults.map((kind) => ({ kind, needs: DOOR_FAULT_FACTS[kind].needs, place: DOOR_FAULTS[kind] })),
      ...DOOR_TEST_KINDS.map((kind) => ({ kind, needs: DOOR_TEST_FACTS[kind].needs, place: DOOR_TESTS[kind].place })),
    ]),
    done: [
      ...readSince(point, trouble, STATE_OF[symptom]),
      ...doneOf(trouble, isDoorTrouble, isDoorTest).filter((one) =>
        'test' in one ? testFits(one.test, bell) : faultsIn(one.repair).every((kind) => faults.includes(kind)),
      ),
    ],
    afterRepair: { kind: afterOf(symptom), minutes: 0 },
  };
}

/** What is read or looked at once it is repaired. */
const afterOf = (symptom: DoorSymptom): DoorTestKind =>
  symptom === 'noChime' ? 'pressLeads' : symptom === 'notTold' ? 'deviceLight' : 'doorVoltsRunning';
