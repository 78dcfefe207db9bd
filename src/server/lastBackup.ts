import { readFile } from 'node:fs/promises';
import path from 'node:path';

/** In a data folder: when it was backed up last, and what was copied then. */
export const LAST_BACKUP_FILE = 'last-backup.json';

/** When a data folder was backed up last, ISO 8601; null: never, or nobody knows. */
export async function lastBackup(dataFolder: string): Promise<string | null> {
  try {
    const text = await readFile(path.join(/*turbopackIgnore: true*/ dataFolder, LAST_BACKUP_FILE), 'utf8');
    const told: unknown = JSON.parse(text);
    return typeof told === 'object' && told !== null && 'at' in told && typeof told.at === 'string' ? told.at : null;
  } catch {
    return null;
  }
}
