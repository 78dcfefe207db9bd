import { readCatalogue } from '@/server/catalogue';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { ComparePage } from '@/ui/points/doorbell/compare/ComparePage';
import { handedLog } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function Page({ params }: Props) {
  const log = await handedLog((await params).id);
  const catalogue = await readCatalogue((await store()).db);
  return (
    <OnClient>
      <ComparePage log={log} catalogue={catalogue} />
    </OnClient>
  );
}
