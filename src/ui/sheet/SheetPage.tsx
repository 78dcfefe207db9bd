'use client';
import { useState } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { nowIso } from '../log/clock';
import { useHandedJob, type HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';
import { JobSheet } from './JobSheet';

interface Props {
  readonly log: HandedLog | null;
  readonly root: string;
  readonly catalogue: Catalogue;
}

/** The job sheet of a log. */
export function SheetPage({ log, ...beside }: Props) {
  return <LogHere log={log}>{(known) => <Sheet log={known} {...beside} />}</LogHere>;
}

function Sheet({ log, ...beside }: Props & { readonly log: HandedLog }) {
  const [printedAt] = useState(nowIso);
  return <JobSheet job={useHandedJob(log)} printedAt={printedAt} {...beside} />;
}
