import { OnClient } from '@/ui/frame/OnClient';
import { CustomerSheet } from '@/ui/before/CustomerSheet';
import { handedLog } from '../logOf';

export default async function BeforePage({ params }: { readonly params: Promise<{ readonly id: string }> }) {
  const log = await handedLog((await params).id);
  return (
    <OnClient>
      <CustomerSheet log={log} />
    </OnClient>
  );
}
