import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { jobOf } from '@/server/jobs/jobLog';
import { systemClock } from '@/server/clock';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { LabelPage } from '@/ui/label/LabelPage';
import { logOf } from '../../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string; readonly circuit: string }>;
}

export default async function CircuitLabelPage({ params }: Props) {
  const { id, circuit: encoded } = await params;
  const job = jobOf(await logOf(id));
  const circuit = job.circuits.find(({ ids }) =>
    ids.some((one) => one === encoded || encodeURIComponent(one) === encoded),
  );
  if (!circuit) notFound();
  const { address } = await readSettings((await store()).db);
  // Where the firm has set none, the one by which this page was asked for
  const root = address || `http://${(await headers()).get('host') ?? 'localhost'}`;
  return <LabelPage job={job} circuit={circuit} address={`${root}/jobs/${job.id}`} today={systemClock.now()} />;
}
