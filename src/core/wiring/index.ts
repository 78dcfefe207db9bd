export { bellNetwork, type BellNetwork, type BellValues } from './bellNetwork';
export { betweenPart, doorPart, spliceAt, SCREW_PAIRS, type ScrewPair } from './bellParts';
export { bellPathOf, isConductor, type BellPath } from './bellPath';
export { doorTasks, joinPairs, mendTasks, repull } from './cableTasks';
export { ORDINARY_BELL, RETURN_SPLICE, THROUGH_SPLICE, foundBell, type BellFacts } from './foundBell';
export { mainsSide, tapTasks, type FittedTransformer, type TransformerFit } from './mainsSide';
export { applyMoves, type Move } from './move';
export { afterStep, changedLeads, planWiring, wiringBuilt, type WiringPlan } from './plan';
export { lookTask, moveTask, type Step, type StepPlace, type Task, type Touches } from './step';
export {
  hasPart,
  jointsOf,
  leadById,
  leadsAt,
  type Element,
  type Joint,
  type Lead,
  type Part,
  type Wiring,
  type WiringPlace,
} from './wiring';
