import { isFields, isText } from './shapes';

/** What is known of the backups of this program. */
export interface BackupState {
  /** ISO 8601; null: none is known of. */
  readonly lastAt: string | null;
  /** Why the last try came to nothing; null where it came to something, or there was none. */
  readonly fault: { readonly at: string; readonly message: string } | null;
}

export const isBackupState = (value: unknown): value is BackupState =>
  isFields(value) &&
  (value.lastAt === null || isText(value.lastAt)) &&
  (value.fault === null || (isFields(value.fault) && isText(value.fault.at) && isText(value.fault.message)));
