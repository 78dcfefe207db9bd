import { notFound } from 'next/navigation';
import { jobOf } from '@/server/jobs/jobLog';
import { comparisonOf, doorOf } from '@/core/points';
import { readCatalogue } from '@/server/catalogue';
import { store } from '@/server/store';
import { ComparePage } from '@/ui/points/doorbell/compare/ComparePage';
import { logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string }>;
}

export default async function Page({ params, searchParams }: Props) {
  const log = await logOf((await params).id);
  const asked = (await searchParams).point;
  const job = jobOf(log);
  const point = doorOf(job, asked);
  if (!point) return notFound();
  const catalogue = await readCatalogue((await store()).db);
  return <ComparePage job={job} point={point} compared={comparisonOf(job, point, catalogue)} />;
}
