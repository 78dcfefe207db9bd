import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { jobOf } from '@/server/jobs/jobLog';
import { systemClock } from '@/server/clock';
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
  const host = (await headers()).get('host') ?? 'localhost';
  return <LabelPage job={job} circuit={circuit} address={`http://${host}/jobs/${job.id}`} today={systemClock.now()} />;
}
