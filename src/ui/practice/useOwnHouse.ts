import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { RepairsFound } from '@/core/points';
import { ownHouse, type OwnHouse } from '@/core/practice';
import { nowIso } from '../log/clock';
import { jobHere } from '../log/jobHere';

/** The house that the address names: a job’s own, as this browser knows it. */
export interface AskedHouse {
  /** Whether the address names one at all. */
  readonly isAsked: boolean;
  /** Null: none is asked for, it is not here yet, or there is none. */
  readonly own: OwnHouse | null;
  /** It is asked for, and neither this browser nor the server has it. */
  readonly isMissing: boolean;
}

/** Works out the house of the job and the point that the address names. */
export function useOwnHouse(found: RepairsFound): AskedHouse {
  const at = useSearchParams();
  const [jobId, pointId] = [at.get('job'), at.get('point')];
  const isAsked = jobId !== null && pointId !== null;
  const asked = `${jobId}/${pointId}`;
  const [known, setKnown] = useState<{ readonly of: string; readonly own: OwnHouse | null } | null>(null);
  useEffect(() => {
    if (!isAsked) return;
    let isWanted = true;
    const tell = (own: OwnHouse | null): void => {
      if (isWanted) setKnown({ of: asked, own });
    };
    jobHere(jobId).then(
      (job) => tell(job && ownHouse(job, pointId, found, nowIso())),
      (error: unknown) => {
        console.warn(error);
        tell(null);
      },
    );
    return () => {
      isWanted = false;
    };
  }, [asked, found, isAsked, jobId, pointId]);
  const isKnown = isAsked && known?.of === asked;
  return { isAsked, own: isKnown ? known.own : null, isMissing: isKnown && known.own === null };
}
