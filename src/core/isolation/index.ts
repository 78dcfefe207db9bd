export {
  CIRCUIT_STATE_WORDS,
  NOT_KNOWN,
  circuitState,
  type CircuitEvent,
  type CircuitState,
  type Mark,
} from './circuitState';
export { GATE_WORDS, stepGate, type Gate, type GateReason, type OtherFeed, type Supply } from './gate';
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
  type BellProof,
  type MainsProof,
  type Proof,
  type ProofProblem,
} from './proof';
export type { IsolationSayings } from './sayings';
