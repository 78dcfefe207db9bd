import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { SheetPage } from '@/ui/sheet/SheetPage';
import { handedLog } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function Page({ params }: Props) {
  const log = await handedLog((await params).id);
  return (
    <OnClient>
      <SheetPage log={log} printedAt={(await store()).clock.now()} />
    </OnClient>
  );
}
