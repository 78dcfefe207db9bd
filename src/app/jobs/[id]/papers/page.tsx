import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { PAPERS } from '@/contract/papers';
import { ownAddress } from '@/server/ownAddress';
import { store } from '@/server/store';
import { OnClient } from '@/ui/frame/OnClient';
import { PapersPage } from '@/ui/papers/PapersPage';
import { papersWords } from '@/words/screens';
import { handedLog, logOf } from '../logOf';

interface Props {
  readonly params: Promise<{ readonly id: string }>;
  readonly searchParams: Promise<{ readonly paper?: string | string[] }>;
}

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  const { head } = await logOf((await params).id);
  return { title: `${head.title}, ${papersWords.papers}` };
}

export default async function Page({ params, searchParams }: Props) {
  const { db, clock } = await store();
  const log = await handedLog((await params).id);
  const { paper } = await searchParams;
  return (
    <OnClient>
      <PapersPage
        log={log}
        first={PAPERS.find((one) => one === paper) ?? 'customer'}
        root={await ownAddress(db, (await headers()).get('host'))}
        printedAt={clock.now()}
      />
    </OnClient>
  );
}
