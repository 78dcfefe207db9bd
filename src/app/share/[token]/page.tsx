import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import { shareWords } from '@/words/screens';
import { FROM_HEADER } from '@/server/accounts/from';
import { customerHtml } from '@/server/papers/customerHtml';
import { noteOpened, sharedJob } from '@/server/shares';
import { store } from '@/server/store';

export const metadata: Metadata = { title: shareWords.yourPage, robots: { index: false, follow: false } };

interface Props {
  readonly params: Promise<{ readonly token: string }>;
}

/** A customer’s own page, by a link, without an account and without this program. */
export default async function Page({ params }: Props) {
  const { token } = await params;
  const opened = await store();
  const shared = await sharedJob(opened, token);
  if (!shared) notFound();
  const html = await customerHtml(opened, shared.jobId, `/api/v1/share/${token}/photos`);
  await noteOpened(opened, shared.id, (await headers()).get(FROM_HEADER) ?? '');
  // Made by our own components, which escape whatever anybody wrote
  return <main id="main" className="sheet-page shared" dangerouslySetInnerHTML={{ __html: html }} />;
}
