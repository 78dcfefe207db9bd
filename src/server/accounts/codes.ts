import { createHash, randomInt } from 'node:crypto';
import type { Store } from '../storeOf';

// Codes that are shown on one screen and typed on another. Short, good once and for minutes; the database has their hash.

/** `first` makes the first account, `account` gives an account its passphrase, `device` signs one more device in. */
export type CodeKind = 'first' | 'account' | 'device';

/** Without what is read for another: I 1 L, O 0, U V. */
const LETTERS = 'ABCDEFGHJKMNPQRSTWXYZ23456789';
const LENGTH = 10;
const GROUP = 5;
/** A device stands beside the screen that shows its code; an account that is made for somebody may be taken up two days later. */
const GOOD_FOR_MS: Readonly<Record<CodeKind, number>> = {
  first: 60 * 60_000,
  account: 48 * 3_600_000,
  device: 10 * 60_000,
};

/** As it is typed: in whatever case, with or without what stands between its groups. */
const hashOf = (code: string): string =>
  createHash('sha256')
    .update(code.toUpperCase().replace(/[^A-Z0-9]/g, ''))
    .digest('hex');

export interface NewCode {
  readonly code: string;
  readonly expiresAt: string;
}

/** Makes a code; an earlier one of the kind for the account is no use any more. */
export async function makeCode({ db, clock }: Store, kind: CodeKind, accountId: string | null): Promise<NewCode> {
  const letters = Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)] ?? '').join('');
  const code = `${letters.slice(0, GROUP)}-${letters.slice(GROUP)}`;
  const now = clock.now();
  const expiresAt = new Date(Date.parse(now) + GOOD_FOR_MS[kind]).toISOString();
  await db.transaction().execute(async (trx) => {
    await trx
      .deleteFrom('sign_in_codes')
      .where((is) =>
        is.or([
          is('expires_at', '<=', now),
          is.and([is('kind', '=', kind), is('account_id', accountId === null ? 'is' : '=', accountId)]),
        ]),
      )
      .execute();
    await trx
      .insertInto('sign_in_codes')
      .values({ hash: hashOf(code), kind, account_id: accountId, expires_at: expiresAt })
      .execute();
  });
  return { code, expiresAt };
}

/** Takes a code, once. @returns null where there is none such, or its time is over */
export async function takeCode(
  { db, clock }: Store,
  code: string,
  kinds: readonly CodeKind[],
): Promise<{ readonly kind: CodeKind; readonly accountId: string | null } | null> {
  const row = await db
    .deleteFrom('sign_in_codes')
    .where('hash', '=', hashOf(code))
    .where('kind', 'in', kinds)
    .returningAll()
    .executeTakeFirst();
  if (!row || row.expires_at <= clock.now()) return null;
  const kind = kinds.find((one) => one === row.kind);
  return kind ? { kind, accountId: row.account_id } : null;
}
