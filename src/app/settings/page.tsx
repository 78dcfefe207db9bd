import { headers } from 'next/headers';
import { signsIn, whoAsks } from '@/server/accounts/admit';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { currencies } from '@/words';
import { SettingsPage } from '@/ui/settings/SettingsPage';

export const metadata = { title: 'Settings' };

export default async function Page() {
  // Named here: a browser may know other names, and the page would not be the one that was sent
  const first = await readSettings((await store()).db);
  const isOffice = !signsIn() || (await whoAsks(await headers()))?.account.role === 'office';
  return <SettingsPage first={first} currencies={currencies()} isOffice={isOffice} />;
}
