import { jobOf } from '@/server/jobs/jobLog';
import { CustomerSheet } from '@/ui/before/CustomerSheet';
import { logOf } from '../logOf';

export default async function BeforePage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const log = await logOf((await params).id);
  return <CustomerSheet job={jobOf(log)} />;
}
