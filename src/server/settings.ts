import { DEFAULT_SETTINGS, type Settings, type SettingsRequest } from '@/contract/settings';
import type { Database } from './db/open';

type Reader = Pick<Database, 'selectFrom'>;

/** What the firm has set; the defaults where it has not. */
export async function readSettings(db: Reader): Promise<Settings> {
  const rows = await db.selectFrom('settings').selectAll().execute();
  // Only what the schema of settings let through was written
  const said = Object.fromEntries(
    rows.map(({ key, value }) => [key, JSON.parse(value) as unknown]),
  ) as Partial<Settings>;
  return {
    policy: { ...DEFAULT_SETTINGS.policy, ...said.policy },
    simulatedDevices: said.simulatedDevices ?? DEFAULT_SETTINGS.simulatedDevices,
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
    };
    for (const [key, value] of Object.entries(next))
      await trx
        .replaceInto('settings')
        .values({ key, value: JSON.stringify(value) })
        .execute();
    return next;
  });
}
