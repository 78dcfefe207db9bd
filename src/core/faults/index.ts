export { nextTest, type NextTest } from './nextTest';
export type { DoneAct, FaultTest, LikelyFault, Troubleshooting, Walk } from './troubleshooting';
export type { FaultSayings } from './sayings';
export { NETWORK_FAULTS, NETWORK_TESTS, type NetworkFault, type NetworkTest } from './network';
export {
  BELL_FAULTS,
  BELL_FAULT_KINDS,
  BELL_TEST_KINDS,
  DOOR_FAULTS,
  DOOR_FAULT_KINDS,
  DOOR_SYMPTOMS,
  DOOR_TESTS,
  DOOR_TEST_KINDS,
  HouseStock,
  answerAt,
  diagnose,
  faultFits,
  faultsIn,
  hiddenHouse,
  testFits,
  testShape,
  type BellDiagnosis,
  type BellDone,
  type BellFault,
  type BellFaultKind,
  type BellTest,
  type BellTestKind,
  type BellTrouble,
  type DoorFault,
  type DoorSymptom,
  type DoorTest,
  type DoorTestKind,
  type DoorTrouble,
  type KnownHouses,
  type TroubledBell,
} from './bell';
export {
  FIGURE,
  type Diagnosis,
  type Done,
  type FaultAsked,
  type FigureOf,
  type Found,
  type NextAct,
  type Prediction,
} from './diagnosis';
export { EXPLANATIONS, type AnswerAhead, type Explanation, type Finding, type Likely } from './finder';
export {
  FIXTURE_FAULTS,
  FIXTURE_FAULT_KINDS,
  FIXTURE_SYMPTOMS,
  FIXTURE_TESTS,
  FIXTURE_TEST_KINDS,
  fixtureFaultFits,
  fixtureFaultsIn,
  fixtureTestFits,
  type FixtureFault,
  type FixtureSymptom,
  type FixtureTestKind,
  type FixtureTrouble,
  type TroubledFixture,
} from './fixture';
export { finderKey, finderOf, type DoorCase, type Finder, type FixtureCase, type TroubleCase } from './troubleCase';
