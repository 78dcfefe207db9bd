import { headers } from 'next/headers';
import { accountsWords } from '@/words/screens';
import { signsIn, whoAsks } from '@/server/accounts/admit';
import { lacksPasskey } from '@/server/accounts/passkeyFirst';
import { store } from '@/server/store';
import { AccountsPage } from '@/ui/accounts/AccountsPage';

export const metadata = { title: accountsWords.accounts };

export default async function Page() {
  const asking = signsIn() ? await whoAsks(await headers()) : null;
  const isHeld = asking !== null && (await lacksPasskey(await store(), asking));
  return <AccountsPage own={asking?.account ?? null} isHeld={isHeld} />;
}
