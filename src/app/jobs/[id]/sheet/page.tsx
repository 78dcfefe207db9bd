import { jobOf } from '@/server/jobs/jobLog';
import { store } from '@/server/store';
import { JobSheet } from '@/ui/sheet/JobSheet';
import { logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function SheetPage({ params }: Props) {
  const log = await logOf((await params).id);
  return <JobSheet job={jobOf(log)} printedAt={(await store()).clock.now()} />;
}
