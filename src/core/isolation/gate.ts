import { said, type Text } from '../said';
import type { Touches } from '../wiring';
import type { CircuitState } from './circuitState';

/** A second feed that was seen and is not among the named circuits: what makes it one. */
export type OtherFeed = 'joined' | 'inBox' | 'sharedNeutral';

/** All that feeds a point, as far as it is known. */
export interface Supply {
  readonly circuits: readonly CircuitState[];
  /** A further feed that is known to be there and not named as a circuit yet. */
  readonly unnamed: OtherFeed | null;
  /** Whether somebody looked for a second feed and a shared neutral; mains work asks for it. */
  readonly lookedForOthers: boolean;
  /** The firm’s school, or what this job departs to. */
  readonly bellSide: 'off' | 'live';
  /** Fed by a new plug alone, which stays out of its outlet until all is wired: there is no breaker to prove. */
  readonly plug?: boolean;
}

export type GateReason =
  | 'noCircuit'
  | 'unknown'
  | 'live'
  | 'notProved'
  | 'noBellProof'
  | 'noMainsProof'
  | 'provedByAnother'
  | 'simulatedProof'
  | 'notRead'
  | 'notLooked'
  | OtherFeed;

export type Gate = { readonly open: true } | { readonly open: false; readonly reason: GateReason };

export const GATE_WORDS: Readonly<Record<GateReason, Text>> = {
  noCircuit: said('noCircuitNamed'),
  unknown: said('notKnownWhether'),
  live: said('circuitLive'),
  notProved: said('offButNot'),
  noBellProof: said('bellWiresNot'),
  noMainsProof: said('noMainsProof'),
  provedByAnother: said('provedSomebodyElse'),
  simulatedProof: said('provedSimulatedMeter'),
  notRead: said('bellSideNot'),
  notLooked: said('notAskedYet'),
  joined: said('secondTransformerJoined'),
  inBox: said('secondCircuitBox'),
  sharedNeutral: said('sharedNeutralOther'),
};

const OPEN: Gate = { open: true };
const shut = (reason: GateReason): Gate => ({ open: false, reason });

function bellGate(circuit: CircuitState, bellSide: Supply['bellSide']): Gate {
  if (circuit.state === 'provedDead') return circuit.bell ? OPEN : shut('noBellProof');
  if (circuit.state === 'off') return shut('notProved');
  if (bellSide === 'live') return circuit.bellRead ? OPEN : shut('notRead');
  return shut(circuit.state);
}

function mainsGate(circuit: CircuitState, who: string | null): Gate {
  if (circuit.state === 'off') return shut('notProved');
  if (circuit.state !== 'provedDead') return shut(circuit.state);
  if (!circuit.mains) return shut('noMainsProof');
  if (circuit.mains.simulated) return shut('simulatedProof');
  return circuit.mains.mark.byId === who ? OPEN : shut('provedByAnother');
}

/**
 * The one gate that decides whether a step may be offered now. Every circuit that feeds the point has to pass: two
 * transformers joined on the bell side make each other's primary live.
 * @param who id of the person who is about to do it; a mains proof counts only for the person who made it
 */
export function stepGate(touches: Touches, supply: Supply, who: string | null): Gate {
  if (touches === 'nothing') return OPEN;
  const { circuits, unnamed, lookedForOthers, bellSide } = supply;
  if (circuits.length === 0) return supply.plug && touches === 'bell' ? OPEN : shut('noCircuit');
  const gates = circuits.map((circuit) => (touches === 'bell' ? bellGate(circuit, bellSide) : mainsGate(circuit, who)));
  const first = gates.find((gate) => !gate.open);
  if (first) return first;
  if (unnamed === 'joined' || (unnamed !== null && touches === 'mains')) return shut(unnamed);
  return touches === 'mains' && !lookedForOthers ? shut('notLooked') : OPEN;
}
