'use client';
import { isolateWords } from '@/words/screens';
import { useTerms } from '../log/useSay';
import type { Circuit } from '@/core/house';
import { useJob } from '../log/JobContext';
import { LookedFor } from './LookedFor';
import { ProofForm } from './ProofForm';

interface Props {
  /** Circuits that are to be proved dead at the place, by their ids. */
  readonly circuitIds: readonly string[];
  readonly placeId: string;
  /** Called once a proof was written here. */
  readonly onProof?: () => void;
}

/** The proof of a place, with the cover off: for each circuit that feeds it, what was looked for and what was read. */
export function ProofHere({ circuitIds, placeId, onProof }: Props) {
  const { keptJob } = useJob();
  return keptJob.circuits
    .filter(({ id }) => circuitIds.includes(id))
    .map((circuit) => <CircuitProof key={circuit.id} circuit={circuit} placeId={placeId} onProof={onProof} />);
}

interface OfCircuit extends Pick<Props, 'placeId' | 'onProof'> {
  readonly circuit: Circuit;
}

function CircuitProof({ circuit, placeId, onProof }: OfCircuit) {
  const { write } = useJob();
  const { way: wayWord } = useTerms();
  const { state } = circuit;
  const isOff = state.state === 'off' || state.state === 'provedDead';
  const name = [circuit.way ?? wayWord, circuit.name && `“${circuit.name}”`].filter(Boolean).join(' ');
  if (!isOff) return null;
  return (
    <section className="block-top">
      <h3>{isolateWords.proveDeadHere({ name })}</h3>
      <LookedFor circuit={circuit} />
      <ProofForm
        weight="mains"
        about={`${circuit.id}/${placeId}/${state.switchingId}`}
        onProof={(proof) => {
          write('deadProved', { circuitId: circuit.id, placeId, switchingId: state.switchingId, ...proof });
          onProof?.();
        }}
      />
    </section>
  );
}
