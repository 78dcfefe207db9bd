import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { readOwnItems } from '@/server/catalogue';
import { ownAddress } from '@/server/ownAddress';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { PapersPage } from '@/ui/papers/PapersPage';
import { papersWords } from '@/words/screens';
import { handedLog, titleOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: await titleOf((await params).id, papersWords.papers) };
}

export default async function Page({ params }: Props) {
  const { db } = await store();
  const log = await handedLog((await params).id);
  return (
    <OnClient>
      <PapersPage log={log} root={await ownAddress(db, (await headers()).get('host'))} own={await readOwnItems(db)} />
    </OnClient>
  );
}
