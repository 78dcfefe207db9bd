import { METER } from '../bell';
import type { CameraProfile, FixtureProfile } from '../catalogue';
import {
  FIXTURE_FAULTS,
  FIXTURE_FAULT_KINDS,
  FIXTURE_SYMPTOMS,
  FIXTURE_TESTS,
  FIXTURE_TEST_KINDS,
  fixtureFaultFits,
  fixtureFaultsIn,
  fixtureTestFits,
  isFixtureTest,
  isFixtureTrouble,
  type FixtureCase,
  type FixtureSymptom,
  type FixtureTestKind,
  type TroubledFixture,
} from '../faults';
import type { Job } from '../job/job';
import { regionOf } from '../job/region';
import { WIFI_LIMITS } from '../wifi';
import { sensorReach } from '../yard';
import type { Floodlight } from './floodlight/floodlight';
import type { PlugFloodlight } from './plugFloodlight/plugFloodlight';
import type { Trouble } from './pointView';
import { wifiOf } from './wifi';
import { USUAL_LENS_M, yardSceneOf } from './yardScene';
import { FIXTURE_FAULT_FACTS, FIXTURE_TEST_FACTS, FIXTURE_WALKS } from './fixtureFacts';
import { liveOrDeadOf } from './liveOrDead';
import { bothRepairs, standsAt, type OfferedRepair, type PointFinder } from './pointFinder';
import { doneOf, learnt, repairMinutes, untestedOf, walksInStates, type RepairsFound } from './trouble';

type Fixture = Floodlight | PlugFloodlight;

/** Of a floodlight camera whose sheet says nothing, VA and metres (domain/mount). */
const USUAL = { lampVa: 40, cameraVa: 8, sensorReachM: 9, sensorHeightM: 2.7 } as const;
/** The street begins so far beyond what the sensor reaches as it was set, and at least so far off, m. */
const STREET = { share: 1.05, leastM: 8 } as const;
const DBM_PLUS_MINUS = { read: 5, predicted: 8 } as const;

const isKey = <T extends object>(table: T, key: string): key is keyof T & string => Object.hasOwn(table, key);

const oneRepair = (kind: string): OfferedRepair | undefined =>
  isKey(FIXTURE_FAULT_FACTS, kind) ? { ...FIXTURE_FAULT_FACTS[kind], place: FIXTURE_FAULTS[kind] } : undefined;

/** What of the chosen fixture and its camera decides here. */
type Chosen = Partial<
  Pick<FixtureProfile, 'lampVa' | 'cameraVa'> & Pick<CameraProfile, 'sensorReachM' | 'sensorHeightM'>
>;

function fixtureAt(job: Job, point: Fixture, symptom: FixtureSymptom): TroubledFixture {
  const chosen: Chosen = point.fixture?.data.fixture ?? {};
  const yard = yardSceneOf(job, point);
  const aim = yard?.built ?? yard?.aim;
  const sensor = {
    sensorReachM: yard?.scene.camera.sensorReachM ?? chosen.sensorReachM ?? USUAL.sensorReachM,
    sensorHeightM: yard?.scene.camera.sensorHeightM ?? chosen.sensorHeightM ?? USUAL.sensorHeightM,
  };
  const heightM = point.mount.heightM ?? aim?.lensM ?? USUAL_LENS_M;
  const sensorDownDeg = point.mount.sensorDownDeg ?? aim?.sensorDownDeg ?? 0;
  const { reachM } = sensorReach(sensor, { lensM: heightM, sensorDownDeg });
  const wifi = wifiOf(job, point);
  return {
    mains: { ...regionOf(job).mains },
    joinedBy: point.kind === 'floodlight' ? 'box' : 'plug',
    // What nobody looked for may stand there
    hasAhead: point.box.ahead !== 'none',
    lampsWatts: chosen.lampVa ?? USUAL.lampVa,
    cameraWatts: chosen.cameraVa ?? USUAL.cameraVa,
    heightM,
    sensor,
    sensorDownDeg,
    streetM: Math.max(STREET.leastM, STREET.share * reachM),
    symptom,
    wifi: wifi && {
      dbm: wifi.dbm,
      dbmPlusMinus: wifi.measured ? DBM_PLUS_MINUS.read : DBM_PLUS_MINUS.predicted,
      needsDbm: WIFI_LIMITS.extenderDbm - 5,
    },
    meter: { percent: METER.percent, counts: METER.counts, resolutionVolts: METER.resolutionVolts },
  };
}

/** What is looked at once it is repaired. */
const AFTER: Readonly<Record<FixtureSymptom, FixtureTestKind>> = {
  dead: 'lampsByPhone',
  offline: 'deviceLight',
  lampsDark: 'lampsByPhone',
  dropsWithLamps: 'lampsByPhone',
  trips: 'resetHolds',
  neverFires: 'walkAcross',
  firesAtStreet: 'walkAcross',
  notTold: 'deviceLight',
};

/** Fed past the switches, a switch hardly turns it off; by a guarded one it does more often than not. */
const SWITCH_SHARES = { past: 0.15, guarded: 1.5, unknown: 1 } as const;

function switchShare(point: Fixture): number {
  if (point.kind !== 'floodlight' || !point.fixture) return SWITCH_SHARES.unknown;
  return point.fixture.data.feedId === 'guardSwitch' ? SWITCH_SHARES.guarded : SWITCH_SHARES.past;
}

function caseOf(job: Job, point: Fixture, trouble: Trouble, at: string, found: RepairsFound): FixtureCase {
  const symptom = FIXTURE_SYMPTOMS.find((one) => one === trouble.data.symptom) ?? 'dead';
  const fixture = fixtureAt(job, point, symptom);
  const standing = liveOrDeadOf(job, point);
  const untested = untestedOf(trouble);
  const faults = FIXTURE_FAULT_KINDS.filter((kind) => fixtureFaultFits(kind, fixture));
  return {
    of: 'fixture',
    fixture,
    faults: learnt(
      faults.map((kind) => ({
        kind,
        probability: FIXTURE_FAULT_FACTS[kind].weight * (kind === 'switchOff' ? switchShare(point) : 1),
        repairMinutes: repairMinutes(FIXTURE_FAULT_FACTS[kind], standing),
      })),
      found,
    ),
    tests: FIXTURE_TEST_KINDS.filter((kind) => fixtureTestFits(kind, fixture) && !untested.has(kind)).map((kind) => ({
      kind,
      minutes: FIXTURE_TEST_FACTS[kind].minutes,
    })),
    ...walksInStates(FIXTURE_WALKS, at, standing, [
      ...faults.map((kind) => ({ kind, needs: FIXTURE_FAULT_FACTS[kind].needs, place: FIXTURE_FAULTS[kind] })),
      ...FIXTURE_TEST_KINDS.map((kind) => ({
        kind,
        needs: FIXTURE_TEST_FACTS[kind].needs,
        place: FIXTURE_TESTS[kind].place,
      })),
    ]),
    done: doneOf(trouble, isFixtureTrouble, isFixtureTest).filter((one) =>
      'test' in one
        ? fixtureTestFits(one.test, fixture)
        : fixtureFaultsIn(one.repair).every((kind) => faults.includes(kind)),
    ),
    afterRepair: { kind: AFTER[symptom], minutes: 0 },
  };
}

/** What tells nothing at the other kind is not offered there: each case fits its own faults and tests. */
export const fixtureFinder: PointFinder<Fixture> = {
  symptoms: () => FIXTURE_SYMPTOMS,
  symptomOf: (check) => {
    switch (check) {
      case 'lamps':
      case 'switches':
        return 'dead';
      case 'paired':
      case 'picture':
        return 'offline';
      case 'night':
        return 'lampsDark';
      case 'sensorWalk':
        return 'neverFires';
      case 'phoneAway':
        return 'notTold';
      default:
        return null;
    }
  },
  caseOf({ job, point }, trouble, found) {
    return caseOf(job, point, trouble, standsAt(trouble, this, 'hall'), found);
  },
  test: (kind) => (isKey(FIXTURE_TESTS, kind) ? { ...FIXTURE_TESTS[kind], ...FIXTURE_TEST_FACTS[kind] } : undefined),
  repair: (kind) => bothRepairs(kind.split('+').map(oneRepair)),
};
