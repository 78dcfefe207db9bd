import { RUNGS } from '@/core/job';
import { JobBenches } from './JobBenches';
import { logOf } from './logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string; readonly rung?: string }>;
}

export default async function JobPage({ params, searchParams }: Props) {
  const { head, entries } = await logOf((await params).id);
  const { point, rung } = await searchParams;
  return (
    <JobBenches
      head={head}
      entries={entries}
      pointId={typeof point === 'string' ? point : ''}
      firstRung={RUNGS.find((one) => one === rung) ?? null}
    />
  );
}
