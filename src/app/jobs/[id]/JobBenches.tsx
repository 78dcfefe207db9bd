'use client';
import { useEffect } from 'react';
import type { Entry, JobHead, Rung } from '@/core/job';
import { JobScreen } from '@/ui/job/JobScreen';
import { BENCHES, loadAllBenches } from './benches';

interface Props {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
  readonly pointId: string;
  readonly firstRung: Rung | null;
}

/** A job with the benches of its rungs. */
export function JobBenches(props: Props) {
  useEffect(() => void loadAllBenches(), []);
  return <JobScreen {...props} benches={BENCHES} />;
}
