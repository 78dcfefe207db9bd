import { readSettings } from '@/server/settings';
import { store } from '@/server/store';
import { SettingsPage } from '@/ui/settings/SettingsPage';

export default async function Page() {
  return <SettingsPage first={await readSettings((await store()).db)} />;
}
