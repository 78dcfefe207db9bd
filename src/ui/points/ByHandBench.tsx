'use client';
import { pointsWords } from '@/words/screens';
import { hazardsAt } from '@/core/points';
import { useJob } from '../log/JobContext';
import { Cautions } from '../verdict/Cautions';

/** What stands where nothing of a floodlight is planned by the program yet, and nothing is pretended. */
export function ByHandBench() {
  const { job, rung } = useJob();
  return (
    <>
      {rung === 'mount' && <Cautions words={hazardsAt(job, 'mount')} />}
      <p className="soft">{pointsWords.howAFloodlightCamera}</p>
    </>
  );
}
