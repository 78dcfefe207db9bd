import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { jobOf } from '@/server/jobs/jobLog';
import { systemClock } from '@/server/clock';
import { ownAddress } from '@/server/ownAddress';
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
  const root = await ownAddress((await store()).db, (await headers()).get('host'));
  return <LabelPage job={job} circuit={circuit} root={root} today={systemClock.now()} />;
}
