'use client';
import { isolateWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import { HINTS, HINT_IDS } from '@/core/isolation';
import type { Circuit } from '@/core/house';
import { useJob } from '../../log/JobContext';

/** Signs that are no proof: noted as hints; one of life ends a proof. */
export function CircuitHints({ circuit }: { readonly circuit: Circuit }) {
  const say = useSay();
  const { write } = useJob();
  return (
    <details>
      <summary>
        {isolateWords.aHintToNote({
          hints:
            circuit.hints.length > 0 ? isolateWords.noted({ hints: circuit.hints.length }) : isolateWords.bellLampPen,
        })}
      </summary>
      <p className="caution">{isolateWords.aBellThatDoes}</p>
      <div className="choices">
        {HINT_IDS.map((hint) => (
          <Button variant="choice" key={hint} onClick={() => write('hintNoted', { circuitId: circuit.id, hint })}>
            {say(HINTS[hint].words)}
          </Button>
        ))}
      </div>
      {circuit.hints.length > 0 && (
        <ul className="plain-list block-top">
          {circuit.hints.map(({ entryId, hint, by }) => (
            <li key={entryId}>
              {say(HINTS[hint].words)}, {by.name}{' '}
              <span className="soft">{HINTS[hint].alive ? isolateWords.aSignOfLife : isolateWords.aHintNoProof}</span>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
