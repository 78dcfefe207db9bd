import { useEffect, useState } from 'react';
import type { DoorProposal } from '@/core/mount';
import type { DoorMount } from '@/core/points';
import { useSeeingWorker } from '../../../seeing/useSeeingWorker';

/** What is proposed where the plate can sit, worked out beside the page; null until it is. */
export function useProposal({ scene, range }: Pick<DoorMount, 'scene' | 'range'>): DoorProposal | null {
  const worker = useSeeingWorker();
  const [proposed, setProposed] = useState<DoorProposal | null>(null);
  // The same door asked anew, by a log that was folded anew, is no new question
  const key = JSON.stringify([scene, range]);
  useEffect(() => {
    let isAsked = true;
    const [asked, within] = JSON.parse(key) as [typeof scene, typeof range];
    void worker.proposeDoor(asked, within).then((told) => {
      if (isAsked) setProposed(told);
    });
    return () => {
      isAsked = false;
    };
  }, [worker, key]);
  return proposed;
}
