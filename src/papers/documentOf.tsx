import type { DocumentProps } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import type { PaperSource } from '@/contract/papers';
import { fold, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import type { Pictures } from './flow';
import { MAKERS } from './papers';

/** A document of a job, ready to be set: from its log alone, without a clock or a network. */
export function documentOf({ log, ...how }: PaperSource, pictures: Pictures): ReactElement<DocumentProps> {
  const { head, entries } = JSON.parse(log) as { readonly head: JobHead; readonly entries: readonly Entry[] };
  const job = fold(head, entries);
  return MAKERS[how.asked.paper]({ job, ...how, pictures });
}
