import { parse } from '@/contract/parse';
import { settingsRequest } from '@/contract/settings';
import { holdToPassphrase } from '@/server/accounts/again';
import { auditBy } from '@/server/accounts/audit';
import { checkDemand } from '@/server/accounts/passkeyFirst';
import { checkBackupFolder } from '@/server/backups';
import { BODY_LIMITS, readJson } from '@/server/http/body';
import { answer, needed, route } from '@/server/http/route';
import { readSetting, readSettings, writeSettings } from '@/server/settings';
import { store } from '@/server/store';

export const GET = route(async () => answer(await readSettings((await store()).db)));

export const POST = route(async (request, _parameters, asking) => {
  const change = parse(settingsRequest, await readJson(request, BODY_LIMITS.compute));
  const opened = await store();
  if (change.backupFolder) await checkBackupFolder(opened.folder, change.backupFolder);
  const { passkeyDemanded } = change;
  // Whoever says again what stands changes nothing
  if (passkeyDemanded !== undefined && passkeyDemanded !== (await readSetting(opened.db, 'passkeyDemanded'))) {
    await holdToPassphrase(opened, needed(asking));
    await checkDemand(opened, needed(asking), passkeyDemanded);
  }
  const settings = await writeSettings(opened.db, change);
  await auditBy(opened, 'settings', asking, Object.keys(change).join(', '));
  return answer(settings);
});

export { notAllowed as PUT, notAllowed as PATCH, notAllowed as DELETE } from '@/server/http/route';
