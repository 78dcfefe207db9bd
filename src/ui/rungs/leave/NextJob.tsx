'use client';
import { leaveWords } from '@/words/screens';
import { format } from 'date-fns';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { factsForNext } from '@/core/job';
import { useCrew } from '../../crew/CrewContext';
import { NotTaken } from '../../log/api';
import { now } from '../../log/clock';
import { useJob } from '../../log/JobContext';
import { makeJob } from '../../log/makeJob';

/** A later job at this house: it starts with what stands there, and shows these sheets. */
export function NextJob() {
  const { keptJob, log } = useJob();
  const { who } = useCrew();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const [isMaking, setMaking] = useState(false);
  const make = async (): Promise<void> => {
    if (!who) return setFault(leaveWords.sayWhoYouAre);
    setMaking(true);
    setFault(null);
    try {
      const day = format(now(), 'yyyy-MM-dd');
      router.push(`/jobs/${await makeJob(keptJob.title, who, factsForNext(keptJob, log.entries, day))}`);
    } catch (error) {
      setMaking(false);
      if (!(error instanceof NotTaken)) throw error;
      setFault(error.message);
    }
  };
  return (
    <section className="block-top" data-testid="next-job">
      <h2>{leaveWords.laterJob}</h2>
      <p className="small soft">{leaveWords.whatGoesOver}</p>
      <Button variant="secondary" disabled={isMaking} onClick={() => void make()}>
        {leaveWords.nextJobHere}
      </Button>
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
    </section>
  );
}
