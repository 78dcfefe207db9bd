export { branchFound, branchTasks, newSupply, nothingFound, type Stretch } from './newSupply';
export { bellNetwork, type BellNetwork, type BellValues } from './bellNetwork';
export { chimePart, betweenPart, doorPart, SCREW_PAIRS, SCREWS_OF_PAIR, type ScrewPair } from './bellParts';
export { bellPathOf, isConductor, type BellPath } from './bellPath';
export { doorTasks, joinPairs, mendTasks, leaveCable, repull } from './cableTasks';
export {
  OLD_BUTTON,
  OLD_DEVICE,
  ORDINARY_BELL,
  RETURN_SPLICE,
  THROUGH_SPLICE,
  foundBell,
  type BellFacts,
  type DoorFound,
  type InsideFound,
} from './foundBell';
export { takeInsideOut } from './insideOut';
export { tapTasks } from './bellSide';
export { mainsSide, type FittedTransformer, type TransformerFit } from './mainsSide';
export {
  bondedPart,
  capAt,
  fixturePart,
  outletPart,
  pigtail,
  sensorPart,
  spliceAt,
  spurPart,
  switchPart,
  type FixtureWires,
} from './mainsParts';
export { applyMoves, type Move } from './move';
export { compareFindings, checkWiring, sameFinding, RULES, type FindingsCompared } from './rules/checkWiring';
export { graphOf, type WiringGraph } from './rules/graph';
export {
  BARE_CONTEXT,
  type BoxKnown,
  type Finding,
  type Rule,
  type RuleContext,
  type Severity,
  type Sufficiency,
} from './rules/rule';
export { afterStep, changedLeads, fitted, planWiring, wiringBuilt, type WiringPlan } from './plan';
export {
  CLOSING_STEPS,
  ENERGISING_STEPS,
  ofWork,
  lookTask,
  moveTask,
  proofTask,
  type Step,
  type StepPlace,
  type Task,
} from './step';
export { GROUND_COLOURS, WIRE_COLOURS, gaugeMm2, type Wire, type WireColour } from './wire';
export {
  EMPTY_WIRING,
  NEW_CIRCUIT,
  OWN_CIRCUIT,
  hasPart,
  jointById,
  jointsOf,
  leadById,
  leadsAt,
  type Carries,
  type Element,
  type Joint,
  type Lead,
  type Part,
  type Wiring,
  type WiringPlace,
} from './wiring';
export type { WiringSayings } from './sayings';
