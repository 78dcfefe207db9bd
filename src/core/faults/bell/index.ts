export { diagnose, type BellDone, type BellFault, type BellTrouble, type BellDiagnosis } from './diagnose';
export {
  BELL_FAULTS,
  BELL_FAULT_KINDS,
  BELL_SYMPTOMS,
  BELL_TEST_KINDS,
  DOOR_FAULTS,
  DOOR_FAULT_KINDS,
  DOOR_SYMPTOMS,
  DOOR_TESTS,
  DOOR_TEST_KINDS,
  faultFits,
  faultsIn,
  isDoorFault,
  isDoorTest,
  isDoorTrouble,
  testFits,
  testShape,
  type BellFaultKind,
  type BellTest,
  type BellTestKind,
  type DoorFault,
  type DoorSymptom,
  type DoorTest,
  type DoorTestKind,
  type DoorTrouble,
  type TroubledBell,
} from './troubledBell';
export { HouseStock } from './houseStock';
export type { KnownHouses } from './knownHouses';
export { answerAt, hiddenHouse } from './hiddenHouse';
export { faultyHouse, isFine, partsOf, shows, type FaultyHouse } from './faultyHouse';
export { bellDrawsOf } from './knownHouses';
export { METER_WANDER } from './showings';
export type { DrawnHouse } from './drawnHouse';
