import { ROLES, type Account, type AuditLine, type Role, type SessionView } from './accounts';
import { isFields, isOneOf, isText } from './shapes';

// What the routes of accounts and sessions answer, held against its form before it is believed.

const isRole = isOneOf<Role>(ROLES);

export const isAccount = (value: unknown): value is Account =>
  isFields(value) &&
  isText(value.id) &&
  isText(value.name) &&
  isRole(value.role) &&
  isText(value.personId) &&
  (value.endedAt === null || isText(value.endedAt));

export interface NewCode {
  readonly code: string;
  /** ISO 8601. */
  readonly expiresAt: string;
}

export const isNewCode = (value: unknown): value is NewCode =>
  isFields(value) && isText(value.code) && isText(value.expiresAt);

export interface Signed {
  readonly account: Account | null;
}

export const isSigned = (value: unknown): value is Signed =>
  isFields(value) && (value.account === null || isAccount(value.account));

export const isOneAccount = (value: unknown): value is { readonly account: Account } =>
  isFields(value) && isAccount(value.account);

export const isMadeAccount = (value: unknown): value is { readonly account: Account; readonly code: NewCode } =>
  isFields(value) && isAccount(value.account) && isNewCode(value.code);

export const isAccountList = (value: unknown): value is { readonly accounts: readonly Account[] } =>
  isFields(value) && Array.isArray(value.accounts) && value.accounts.every(isAccount);

const isSession = (value: unknown): value is SessionView =>
  isFields(value) &&
  [value.id, value.accountId, value.since, value.lastSeen, value.device].every(isText) &&
  typeof value.isThis === 'boolean';

export const isSessionList = (value: unknown): value is { readonly sessions: readonly SessionView[] } =>
  isFields(value) && Array.isArray(value.sessions) && value.sessions.every(isSession);

const isLine = (value: unknown): value is AuditLine =>
  isFields(value) && [value.at, value.what, value.by, value.detail].every(isText);

export const isAuditList = (value: unknown): value is { readonly lines: readonly AuditLine[] } =>
  isFields(value) && Array.isArray(value.lines) && value.lines.every(isLine);

export const isAnything = (value: unknown): value is object => isFields(value);
