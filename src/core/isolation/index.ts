export {
  GATE_REASONS,
  GATE_WORDS,
  NOBODY,
  STEP_ROLES,
  stepGate,
  unnamedHere,
  type Asker,
  type GateReason,
  type Hold,
  type StepRole,
  type Touches,
} from './gate';
export {
  GUARDS,
  OTHER_FEEDS,
  type Guard,
  type Happening,
  type HappeningOf,
  type Mark,
  type OtherFeed,
  type What,
} from './happening';
export { HINTS, HINT_IDS, type Hint } from './hints';
export { breakerHunt, waysLeft, type BreakerHunt, type HuntAnswer, type HuntWay } from './hunt/breakerHunt';
export { huntOnFoot, type HuntCost, type HuntOnFoot } from './hunt/huntOnFoot';
export { ELSEWHERE_SHARE, looksLikeKeepOn, wayWeight, type HuntClues, type LabelledWay } from './hunt/wayPrior';
export {
  BELL_VOLTS_MOST,
  DEAD_VOLTS_MOST,
  PROOF_PROBLEM_WORDS,
  isBellVoltage,
  proofProblem,
  voltsRead,
  type BellProof,
  type MainsProof,
  type Proof,
  type ProofProblem,
} from './proof';
export type { Plug, PlugState } from './plugs';
export { ABSENCE_MS } from './presence';
export {
  CIRCUIT_STATE_WORDS,
  Isolation,
  NOT_KNOWN,
  PROOF_WHYS,
  showsLife,
  type CircuitState,
  type IsolationLog,
  type NamedCircuit,
  type ProofEnd,
  type ProofWhy,
  type Sighting,
  type StandingProof,
} from './standing';
export type { IsolationSayings } from './sayings';
