import { notFound } from 'next/navigation';
import { ProblemError } from '@/contract/problem';
import { RUNGS } from '@/core/job';
import { jobLog } from '@/server/jobs/entryStore';
import { store } from '@/server/store';
import { JobScreen } from '@/ui/job/JobScreen';
import { BENCHES } from './benches';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string; readonly rung?: string }>;
}

export default async function JobPage({ params, searchParams }: Props) {
  const { id } = await params;
  const { point, rung } = await searchParams;
  const log = await jobLog((await store()).db, id).catch((error: unknown) => {
    if (error instanceof ProblemError && error.status === 404) return notFound();
    throw error;
  });
  return (
    <JobScreen
      head={log.head}
      entries={log.entries}
      pointId={point ?? ''}
      firstRung={RUNGS.find((one) => one === rung) ?? null}
      benches={BENCHES}
    />
  );
}
