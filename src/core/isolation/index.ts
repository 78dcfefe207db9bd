export {
  CIRCUIT_STATE_WORDS,
  NOT_KNOWN,
  circuitState,
  type CircuitEvent,
  type CircuitState,
  type Mark,
} from './circuitState';
export { GATE_WORDS, stepGate, type Gate, type GateReason } from './gate';
export {
  BELL_VOLTS_MOST,
  DEAD_VOLTS_MOST,
  PROOF_PROBLEM_WORDS,
  proofProblem,
  type BellProof,
  type MainsProof,
  type Proof,
  type ProofProblem,
} from './proof';
