import { fold } from '@/core/job';
import { store } from '@/server/store';
import { JobSheet } from '@/ui/sheet/JobSheet';
import { logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function SheetPage({ params }: Props) {
  const { head, entries } = await logOf((await params).id);
  return <JobSheet job={fold(head, entries)} printedAt={(await store()).clock.now()} />;
}
