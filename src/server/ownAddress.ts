import type { Database } from './db/open';
import { isThisMachine } from './http/guard';
import { readSettings } from './settings';

/**
 * The address under which a phone reaches this program, without a slash behind it.
 * @param host by which it was asked for, where the firm has set none
 */
export async function ownAddress(db: Database, host: string | null): Promise<string> {
  const { address } = await readSettings(db);
  const own = host ?? 'localhost';
  return address || `${isThisMachine(own) ? 'http' : 'https'}://${own}`;
}
