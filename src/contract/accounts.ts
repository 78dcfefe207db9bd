import { string } from 'yup';
import { exact } from './exact';
import { uuid } from './job';

// Who may sign in where the program answers to more than its own machine.

export const ROLES = ['office', 'installer', 'licensed', 'looks'] as const;
/** What somebody may do: all of it, work at jobs, work at jobs with a licence, look only. */
export type Role = (typeof ROLES)[number];

/** What everybody else of the firm sees of an account. */
export interface Account {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** Who of the crew they are: `by.id` of what they write. */
  readonly personId: string;
  /** ISO 8601; null where they may sign in. */
  readonly endedAt: string | null;
}

/** A device that is signed in. */
export interface SessionView {
  readonly id: string;
  readonly accountId: string;
  readonly since: string;
  readonly lastSeen: string;
  readonly device: string;
  /** It is the one that asks. */
  readonly isThis: boolean;
}

/** Something that has to be told later, and who did it. */
export interface AuditLine {
  readonly at: string;
  readonly what: string;
  readonly by: string;
  readonly detail: string;
}

/** A passphrase is long rather than strange; the longest is what a person types (NIST SP 800-63B asks for 8 to 64). */
export const PASSPHRASE = { shortest: 12, longest: 128 } as const;

/** Path of a refusal that goes away once one’s passphrase was said again. */
export const ASKED_AGAIN = 'again';

const LONGEST_NAME = 40;

/** A name that can be told from another by eye: letters, digits, and single blanks, dots, hyphens or apostrophes between. */
const NAME = /^[\p{L}\p{N}]+(?:[ .'’-][\p{L}\p{N}]+)*$/u;

const accountName = () =>
  string()
    .defined()
    .max(LONGEST_NAME)
    .test('name', 'is made of letters, digits, and single blanks, dots or hyphens between them', (name) =>
      NAME.test(name),
    );

const passphrase = () =>
  string()
    .defined()
    .max(PASSPHRASE.longest)
    .test(
      'length',
      `has ${PASSPHRASE.shortest} characters at least: four or five words do`,
      (text) => text.length >= PASSPHRASE.shortest,
    );

/** Request of POST /api/v1/session. */
export const signInRequest = exact({
  name: string().defined().max(LONGEST_NAME),
  passphrase: string().defined().max(PASSPHRASE.longest),
});

const code = () => string().defined().max(20);

/** Request of POST /api/v1/session/code: a code that was shown on another screen. */
export const codeRequest = exact({ code: code() });

/** Request of POST /api/v1/session/account: the code of an account, with the passphrase that is to be its. */
export const claimRequest = exact({ code: code(), passphrase: passphrase(), name: accountName().optional() });

/** Request of POST /api/v1/session/passphrase: one's own as it is, and as it is to be. */
export const passphraseRequest = exact({
  passphrase: string().defined().max(PASSPHRASE.longest),
  next: passphrase(),
});

/** Request of POST /api/v1/accounts. */
export const newAccountRequest = exact({
  id: uuid(),
  name: accountName(),
  role: string<Role>().oneOf(ROLES).defined(),
  /** Who of the crew it is; left out: somebody new. */
  personId: string().min(1).max(64).optional(),
});
export type NewAccountRequest = ReturnType<typeof newAccountRequest.validateSync>;

/** Request of POST /api/v1/accounts/{id}: what changes. */
export const accountRequest = exact({ role: string<Role>().oneOf(ROLES), ended: string().oneOf(['now', 'not']) });

/** Names are told apart without their case and the way their letters are put together. */
export const sameName = (name: string): string => name.normalize('NFKC').toLowerCase();
