import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { SheetPage } from '@/ui/sheet/SheetPage';
import { logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export default async function Page({ params }: Props) {
  const { head, entries } = await logOf((await params).id);
  return (
    <OnClient>
      <SheetPage head={head} entries={entries} printedAt={(await store()).clock.now()} />
    </OnClient>
  );
}
