'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Smartphone } from 'lucide-react';
import type { Held, LeanReading } from '@/contract/instrument';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';
import { NoDevice, simulated } from '../../meter/simulated';

interface Props {
  readonly held?: Held;
  readonly onTaken: (lean: LeanReading) => void;
}

/** Takes from the phone how it lies, held along the head or against the wall; not there where none is. */
export function LeanFromPhone({ held = 'head', onTaken }: Props) {
  const { keptJob, kept } = useJob();
  const { simulated: isThere } = useMeter();
  const [fault, setFault] = useState<string | null>(null);
  if (!isThere) return null;
  const take = async () => {
    try {
      onTaken(await simulated(({ leanAt }) => leanAt(keptJob, kept, held)));
      setFault(null);
    } catch (error) {
      if (!(error instanceof NoDevice)) throw error;
      setFault(error.message);
    }
  };
  return (
    <p>
      <Button variant="secondary" onClick={() => void take()}>
        <Smartphone size={18} aria-hidden="true" />{' '}
        {held === 'head' ? yardWords.leanAlongHead : yardWords.leanAgainstWall}{' '}
        <span className="simulated">{yardWords.simulated}</span>
      </Button>
      {fault && (
        <span className="brick" role="alert">
          {fault}
        </span>
      )}
    </p>
  );
}
