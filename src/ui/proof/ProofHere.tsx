'use client';
import { isolateWords } from '@/words/screens';
import { useTerms } from '../log/useSay';
import type { Circuit } from '@/core/house';
import { useFacts } from '../form/useFacts';
import { useJob } from '../log/JobContext';
import { ProofForm } from './ProofForm';

interface Props {
  /** Circuits that are to be proved dead at the place, by their ids. */
  readonly circuitIds: readonly string[];
  readonly placeId: string;
}

/** The proof of a place, with the cover off: for each circuit that feeds it, what was looked for and what was read. */
export function ProofHere({ circuitIds, placeId }: Props) {
  const { keptJob } = useJob();
  return keptJob.circuits
    .filter(({ id }) => circuitIds.includes(id))
    .map((circuit) => <CircuitProof key={circuit.id} circuit={circuit} placeId={placeId} />);
}

function CircuitProof({ circuit, placeId }: { readonly circuit: Circuit; readonly placeId: string }) {
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
        onProof={(proof) =>
          write('deadProved', { circuitId: circuit.id, placeId, switchingId: state.switchingId, ...proof })
        }
      />
    </section>
  );
}

/** A second feed and a shared neutral: what is not known is no pass, so the proof itself asks for them. */
export function LookedFor({ circuit }: { readonly circuit: Circuit }) {
  const { ask } = useFacts(
    'circuitListed',
    { circuitId: circuit.id },
    {
      ...(circuit.otherInBox ? { otherInBox: circuit.otherInBox } : {}),
      ...(circuit.sharedNeutral ? { sharedNeutral: circuit.sharedNeutral } : {}),
    },
  );
  if (circuit.lookedAt !== null) return null;
  return (
    <>
      {ask('otherInBox')}
      {ask('sharedNeutral')}
    </>
  );
}
