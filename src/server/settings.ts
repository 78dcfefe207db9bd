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
  return changed(
    DEFAULT_SETTINGS,
    rows.map(saidIn).reduce((all, one) => ({ ...all, ...one }), {}),
  );
}

/** One of them, for who asks at every request. */
export async function readSetting<K extends keyof Omit<Settings, 'policy'>>(db: Reader, key: K): Promise<Settings[K]> {
  const row = await db.selectFrom('settings').selectAll().where('key', '=', key).executeTakeFirst();
  return changed(DEFAULT_SETTINGS, row ? saidIn(row) : {})[key];
}

/** Without what says nothing. */
const said = <T extends object>(change: T): Partial<T> =>
  Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined)) as Partial<T>;

const changed = (before: Settings, { policy, ...rest }: SettingsRequest): Settings => ({
  ...before,
  ...said(rest),
  policy: { ...before.policy, ...said(policy ?? {}) },
});

/** Changes what is said and leaves the rest. @returns the settings as they stand then */
export async function writeSettings(db: Database, change: SettingsRequest): Promise<Settings> {
  return db.transaction().execute(async (trx) => {
    const next = changed(await readSettings(trx), change);
    for (const [key, value] of Object.entries(next))
      await trx
        .replaceInto('settings')
        .values({ key, value: JSON.stringify(value) })
        .execute();
    return next;
  });
}
