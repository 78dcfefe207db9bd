'use client';
import { useHandedJob, type HandedLog } from '../log/handed';
import { JobSheet } from './JobSheet';

interface Props {
  readonly log: HandedLog;
  readonly printedAt: string;
}

/** The job sheet of a log. */
export function SheetPage({ log, printedAt }: Props) {
  return <JobSheet job={useHandedJob(log)} printedAt={printedAt} />;
}
