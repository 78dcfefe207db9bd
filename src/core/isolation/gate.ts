import type { Touches } from '../wiring';
import type { CircuitState } from './circuitState';

export type GateReason = 'noCircuit' | 'unknown' | 'live' | 'notProved' | 'noMainsProof' | 'provedByAnother';

export type Gate = { readonly open: true } | { readonly open: false; readonly reason: GateReason };

export const GATE_WORDS: Readonly<Record<GateReason, string>> = {
  noCircuit: 'no circuit named yet',
  unknown: 'not known whether it is live',
  live: 'the circuit is live',
  notProved: 'off, but not proved dead',
  noMainsProof: 'no mains proof of dead',
  provedByAnother: 'proved by somebody else: prove it yourself',
};

const OPEN: Gate = { open: true };
const shut = (reason: GateReason): Gate => ({ open: false, reason });

/**
 * The one gate that decides whether a step may be offered now.
 * @param circuit state of the point's circuit; null while none is named
 * @param who id of the person who is about to do it; a mains proof counts only for the person who made it
 */
export function stepGate(touches: Touches, circuit: CircuitState | null, who: string | null): Gate {
  if (touches === 'nothing') return OPEN;
  if (!circuit) return shut('noCircuit');
  if (circuit.state === 'unknown') return shut('unknown');
  if (circuit.state === 'live') return shut('live');
  if (circuit.state === 'off') return shut('notProved');
  if (touches === 'bell') return circuit.bell ? OPEN : shut('notProved');
  if (!circuit.mains) return shut('noMainsProof');
  return circuit.mains.mark.byId === who ? OPEN : shut('provedByAnother');
}
