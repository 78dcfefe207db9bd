import { fold } from '@/core/job';
import { CustomerSheet } from '@/ui/before/CustomerSheet';
import { logOf } from '../logOf';

export default async function BeforePage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const { head, entries } = await logOf((await params).id);
  return <CustomerSheet job={fold(head, entries)} />;
}
