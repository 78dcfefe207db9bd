import type { Metadata } from 'next';
import { RUNGS } from '@/core/kinds';
import { readCatalogue } from '@/server/catalogue';
import { readSettings } from '@/server/settings';
import { rowOf } from '@/server/jobs/jobList';
import { repairsFound } from '@/server/jobs/repairsFound';
import { store } from '@/server/store';
import { JobAhead } from '@/ui/job/JobAhead';
import { JobLater } from '@/ui/job/JobLater';
import { handedLog, logOf } from './logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly point?: string; readonly rung?: string; readonly area?: string }>;
}

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  const { head } = await logOf((await params).id);
  return { title: head.title };
}

export default async function JobPage({ params, searchParams }: Props) {
  const { id } = await params;
  const { head, entries } = await logOf(id);
  const { point, rung, area } = await searchParams;
  const { db } = await store();
  const settings = await readSettings(db);
  const row = await rowOf(db, id, entries.at(-1)?.seq ?? 0);
  return (
    <JobLater
      log={await handedLog(id)}
      pointId={typeof point === 'string' ? point : ''}
      firstRung={RUNGS.find((one) => one === rung) ?? null}
      firstArea={typeof area === 'string' ? area : null}
      settings={settings}
      catalogue={await readCatalogue(db)}
      found={await repairsFound(db)}
      ahead={<JobAhead title={head.title} points={row?.points ?? []} />}
    />
  );
}
