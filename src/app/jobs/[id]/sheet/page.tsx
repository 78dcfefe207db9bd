import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { frameWords } from '@/words/screens';
import { readCatalogue } from '@/server/catalogue';
import { ownAddress } from '@/server/ownAddress';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { SheetPage } from '@/ui/sheet/SheetPage';
import { handedLog, titleOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  return { title: await titleOf((await params).id, frameWords.sheet) };
}

export default async function Page({ params }: Props) {
  const log = await handedLog((await params).id);
  const { db } = await store();
  const root = await ownAddress(db, (await headers()).get('host'));
  return (
    <OnClient>
      <SheetPage log={log} root={root} catalogue={await readCatalogue(db)} />
    </OnClient>
  );
}
