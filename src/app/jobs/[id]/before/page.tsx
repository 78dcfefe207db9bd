import { jobOf } from '@/server/jobs/jobLog';
import { OnClient } from '@/ui/frame/OnClient';
import { CustomerSheet } from '@/ui/before/CustomerSheet';
import { logOf } from '../logOf';

export default async function BeforePage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const log = await logOf((await params).id);
  return (
    <OnClient>
      <CustomerSheet job={jobOf(log)} />
    </OnClient>
  );
}
