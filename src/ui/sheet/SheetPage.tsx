'use client';
import { useMemo } from 'react';
import { fold, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { JobSheet } from './JobSheet';

interface Props {
  readonly head: JobHead;
  readonly entries: readonly Entry[];
  readonly printedAt: string;
}

/** The job sheet of a log. */
export function SheetPage({ head, entries, printedAt }: Props) {
  const job = useMemo(() => fold(head, entries), [head, entries]);
  return <JobSheet job={job} printedAt={printedAt} />;
}
