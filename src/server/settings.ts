import { parse } from '@/contract/parse';
import { DEFAULT_SETTINGS, settingsRequest, type Settings, type SettingsRequest } from '@/contract/settings';
import type { Database } from './db/open';

type Reader = Pick<Database, 'selectFrom'>;

/** What one row says, by the schema of what may be set; nothing where somebody has meddled with it. */
function saidIn({ key, value }: { readonly key: string; readonly value: string }): SettingsRequest {
  try {
    return parse(settingsRequest, { [key]: JSON.parse(value) as unknown });
  } catch (error) {
    console.error(`the setting ${key} can’t be read: its default stands`, error);
    return {};
  }
}

/** What the firm has set; the defaults where it has not. */
export async function readSettings(db: Reader): Promise<Settings> {
  const rows = await db.selectFrom('settings').selectAll().execute();
  const { policy, simulatedDevices, currency, address, awayDays } = rows
    .map(saidIn)
    .reduce((all, one) => ({ ...all, ...one }), {});
  const said = Object.fromEntries(Object.entries(policy ?? {}).filter(([, value]) => value !== undefined));
  return {
    policy: { ...DEFAULT_SETTINGS.policy, ...said },
    simulatedDevices: simulatedDevices ?? DEFAULT_SETTINGS.simulatedDevices,
    currency: currency ?? DEFAULT_SETTINGS.currency,
    address: address ?? DEFAULT_SETTINGS.address,
    awayDays: awayDays ?? DEFAULT_SETTINGS.awayDays,
  };
}

/** Changes what is said and leaves the rest. @returns the settings as they stand then */
export async function writeSettings(db: Database, change: SettingsRequest): Promise<Settings> {
  return db.transaction().execute(async (trx) => {
    const before = await readSettings(trx);
    const said = Object.fromEntries(Object.entries(change.policy ?? {}).filter(([, value]) => value !== undefined));
    const next: Settings = {
      policy: { ...before.policy, ...said },
      simulatedDevices: change.simulatedDevices ?? before.simulatedDevices,
      currency: change.currency ?? before.currency,
      address: change.address ?? before.address,
      awayDays: change.awayDays ?? before.awayDays,
    };
    for (const [key, value] of Object.entries(next))
      await trx
        .replaceInto('settings')
        .values({ key, value: JSON.stringify(value) })
        .execute();
    return next;
  });
}
