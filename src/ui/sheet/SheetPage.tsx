'use client';
import { useState } from 'react';
import { nowIso } from '../log/clock';
import { useHandedJob, type HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';
import { JobSheet } from './JobSheet';

interface Props {
  readonly log: HandedLog | null;
  readonly root: string;
}

/** The job sheet of a log. */
export function SheetPage({ log, root }: Props) {
  return <LogHere log={log}>{(known) => <Sheet log={known} root={root} />}</LogHere>;
}

function Sheet({ log, root }: { readonly log: HandedLog; readonly root: string }) {
  const [printedAt] = useState(nowIso);
  return <JobSheet job={useHandedJob(log)} printedAt={printedAt} root={root} />;
}
