export { diagnose, type BellDone, type BellFault, type BellTrouble, type Diagnosis } from './diagnose';
export {
  BELL_FAULTS,
  BELL_FAULT_KINDS,
  BELL_TEST_KINDS,
  FIGURE,
  faultFits,
  testFits,
  testShape,
  type BellFaultKind,
  type BellTest,
  type BellTestKind,
  type Found,
  type TroubledBell,
} from './troubledBell';
export { HouseStock } from './houseStock';
export { answerAt, hiddenHouse } from './hiddenHouse';
