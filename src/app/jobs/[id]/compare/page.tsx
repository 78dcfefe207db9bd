import { notFound } from 'next/navigation';
import { doorOf } from '@/core/points';
import { readCatalogue } from '@/server/catalogue';
import { jobOf } from '@/server/jobs/jobLog';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { ComparePage } from '@/ui/points/doorbell/compare/ComparePage';
import { logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string }>;
}

export default async function Page({ params, searchParams }: Props) {
  const log = await logOf((await params).id);
  const point = doorOf(jobOf(log), (await searchParams).point);
  if (!point) return notFound();
  const catalogue = await readCatalogue((await store()).db);
  return (
    <OnClient>
      <ComparePage head={log.head} entries={log.entries} pointId={point.id} catalogue={catalogue} />
    </OnClient>
  );
}
