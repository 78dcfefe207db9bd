'use client';
import { yardWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { Smartphone } from 'lucide-react';
import { answer, isLeanReading } from '@/contract/answers';
import type { Held, LeanReading } from '@/contract/instrument';
import { call, NotTaken } from '../../log/api';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';

interface Props {
  readonly held?: Held;
  readonly onTaken: (lean: LeanReading) => void;
}

/** Takes from the phone how it lies, held along the head or against the wall; not there where none is. */
export function LeanFromPhone({ held = 'head', onTaken }: Props) {
  const { keptJob, kept } = useJob();
  const { simulated } = useMeter();
  const [fault, setFault] = useState<string | null>(null);
  if (!simulated) return null;
  const take = async () => {
    try {
      const query = new URLSearchParams({ job: keptJob.id, point: kept.id, held });
      onTaken(await call(`/sim/lean?${query.toString()}`, answer(isLeanReading)));
      setFault(null);
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
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
