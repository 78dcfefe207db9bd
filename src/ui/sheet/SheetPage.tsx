'use client';
import { useHandedJob, type HandedLog } from '../log/handed';
import { JobSheet } from './JobSheet';

interface Props {
  readonly log: HandedLog;
  readonly printedAt: string;
  readonly root: string;
}

/** The job sheet of a log. */
export function SheetPage({ log, ...made }: Props) {
  return <JobSheet job={useHandedJob(log)} {...made} />;
}
