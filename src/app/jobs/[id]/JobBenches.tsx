'use client';
import { useEffect, type ComponentProps } from 'react';
import { JobScreen } from '@/ui/job/JobScreen';
import { BENCHES, loadAllBenches } from './benches';

/** A job with the benches of its rungs. */
export function JobBenches(props: Omit<ComponentProps<typeof JobScreen>, 'benches'>) {
  useEffect(() => void loadAllBenches(), []);
  return <JobScreen {...props} benches={BENCHES} />;
}
