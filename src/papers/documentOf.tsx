import type { DocumentProps } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import type { PaperSource } from '@/contract/papers';
import { catalogueWith } from '@/core/catalogue';
import { fold, type Job, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import type { Pictures } from './flow';
import { MAKERS } from './papers';

/** The job of a log as it was handed in: of this program’s own making. */
export function jobOfLog(log: string): Job {
  const { head, entries } = JSON.parse(log) as { readonly head: JobHead; readonly entries: readonly Entry[] };
  return fold(head, entries);
}

/** A document of a job, ready to be set: from what it is handed alone, without a clock or a network. */
export const documentOf = ({ log, own, ...how }: PaperSource, pictures: Pictures): ReactElement<DocumentProps> =>
  MAKERS[how.asked.paper]({ job: jobOfLog(log), catalogue: catalogueWith(own), ...how, pictures });
