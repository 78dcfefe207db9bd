import type { Metadata } from 'next';
import { readCatalogue } from '@/server/catalogue';
import { readSettings } from '@/server/settings';
import { rowOf } from '@/server/jobs/jobList';
import { repairsFound } from '@/server/projection/foundRepairs';
import { store } from '@/server/store';
import { JobAhead } from '@/ui/job/JobAhead';
import { JobLater } from '@/ui/job/JobLater';
import { handedLog, logOf } from './logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { head } = await logOf((await params).id);
  return { title: head.title };
}

export default async function JobPage({ params }: Props) {
  const { id } = await params;
  const { head, entries } = await logOf(id);
  const { db } = await store();
  const settings = await readSettings(db);
  const { counts, deadNew } = await repairsFound(db);
  const row = await rowOf(db, id, entries.at(-1)?.seq ?? 0);
  return (
    <JobLater
      log={await handedLog(id)}
      settings={settings}
      catalogue={await readCatalogue(db)}
      found={counts}
      deadNew={deadNew}
      ahead={<JobAhead title={head.title} points={row?.points ?? []} />}
    />
  );
}
