'use client';
import { lookWords } from '@/words/screens';
import { format, parseISO } from 'date-fns';
import { FileText, Printer } from 'lucide-react';
import Link from 'next/link';
import { useJob } from '../../log/JobContext';

/** The job that was here before: what stands there was taken over from it, and its sheets. */
export function EarlierJob() {
  const { follows } = useJob().keptJob;
  if (!follows) return null;
  const { jobId, on } = follows;
  return (
    <p className="earlier-job" data-testid="earlier-job">
      <b>{lookWords.takenOver({ on: format(parseISO(on), 'd MMM yyyy') })}</b> {lookWords.nothingOfLiveAndDead}{' '}
      <Link className="btn btn-link" href={`/jobs/${jobId}/sheet`}>
        <Printer size={16} aria-hidden="true" /> {lookWords.itsSheet}
      </Link>{' '}
      <Link className="btn btn-link" href={`/jobs/${jobId}/papers`}>
        <FileText size={16} aria-hidden="true" /> {lookWords.itsPapers}
      </Link>
    </p>
  );
}
