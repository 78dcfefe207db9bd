import type { Metadata } from 'next';
import { frameWords } from '@/words/screens';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { SheetPage } from '@/ui/sheet/SheetPage';
import { handedLog, logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  const { head } = await logOf((await params).id);
  return { title: `${head.title}, ${frameWords.sheet}` };
}

export default async function Page({ params }: Props) {
  const log = await handedLog((await params).id);
  return (
    <OnClient>
      <SheetPage log={log} printedAt={(await store()).clock.now()} />
    </OnClient>
  );
}
