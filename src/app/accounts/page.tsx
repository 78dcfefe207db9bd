import { headers } from 'next/headers';
import { accountsWords } from '@/words/screens';
import { signsIn, whoAsks } from '@/server/accounts/admit';
import { AccountsPage } from '@/ui/accounts/AccountsPage';

export const metadata = { title: accountsWords.accounts };

export default async function Page() {
  const asking = signsIn() ? await whoAsks(await headers()) : null;
  return <AccountsPage own={asking?.account ?? null} />;
}
