import type { Routes } from './operation';

// Where people sign in: who they are, on which devices, what was done, and links for customers.

const EVERY = [401, 403, 500];
const WITH_BODY = [400, 413, 422, ...EVERY];
/** Tries are counted. */
const TRIED = [429, ...WITH_BODY];

export const ACCOUNT_ROUTES: Routes = {
  '/api/v1/session': {
    get: { summary: 'Whether people sign in here, and who asks', answers: { 200: 'Session' }, refusals: [500] },
    post: {
      summary: 'Signs in by name and passphrase',
      body: 'SignIn',
      answers: { 200: 'Signed' },
      refusals: TRIED,
    },
    delete: { summary: 'Signs this device out', answers: { 200: 'Signed' }, refusals: EVERY },
  },
  '/api/v1/session/code': {
    post: {
      summary: 'Signs one more device in by a code that another one shows',
      body: 'DeviceCode',
      answers: { 200: 'Signed' },
      refusals: TRIED,
    },
  },
  '/api/v1/session/account': {
    post: {
      summary: 'Takes an account up by its code, with the passphrase that is to be its',
      body: 'AccountCode',
      answers: { 200: 'Signed' },
      refusals: [409, ...TRIED],
    },
  },
  '/api/v1/session/passphrase': {
    post: {
      summary: 'Changes one’s own passphrase; its other devices are signed out',
      body: 'OwnPassphrase',
      answers: { 200: 'Signed' },
      refusals: [409, ...TRIED],
    },
  },
  '/api/v1/session/again': {
    post: {
      summary: 'One’s passphrase once more, before what opens the firm to others; good for ten minutes',
      body: 'Again',
      answers: { 200: 'Signed' },
      refusals: [409, ...TRIED],
    },
  },
  '/api/v1/session/passkey': {
    post: {
      summary: 'Signs in by a passkey',
      body: 'PasskeyAnswer',
      answers: { 200: 'Signed' },
      refusals: [409, ...TRIED],
    },
  },
  '/api/v1/session/passkey/options': {
    post: {
      summary: 'What a browser is asked with to sign in by a passkey (WebAuthn, as JSON)',
      answers: { 200: 'PasskeyQuestion' },
      refusals: [403, 409, 500],
    },
  },
  '/api/v1/session/passkeys': {
    get: { summary: 'Passkeys that sign in', answers: { 200: 'PasskeyList' }, refusals: [409, ...EVERY] },
    post: {
      summary: 'Keeps a passkey that a browser made',
      body: 'PasskeyAnswer',
      answers: { 201: 'PasskeyList' },
      refusals: [409, ...WITH_BODY],
    },
  },
  '/api/v1/session/passkeys/options': {
    post: {
      summary: 'What a browser is asked with to make a passkey (WebAuthn, as JSON)',
      answers: { 200: 'PasskeyQuestion' },
      refusals: [409, ...EVERY],
    },
  },
  '/api/v1/session/passkeys/{id}': {
    delete: { summary: 'Takes a passkey away', answers: { 200: 'Named' }, refusals: [404, 409, ...EVERY] },
  },
  '/api/v1/session/device': {
    post: {
      summary: 'A code that signs one more device in, good once and for minutes',
      answers: { 201: 'Code' },
      refusals: [409, ...EVERY],
    },
  },
  '/api/v1/sessions': {
    get: { summary: 'Devices that are signed in', answers: { 200: 'SessionList' }, refusals: [409, ...EVERY] },
  },
  '/api/v1/sessions/{id}': {
    delete: { summary: 'Signs a device out', answers: { 200: 'Named' }, refusals: [404, 409, ...EVERY] },
  },
  '/api/v1/accounts': {
    get: { summary: 'Who may sign in', answers: { 200: 'AccountList' }, refusals: EVERY },
    post: {
      summary: 'Makes an account, and the code by which it is taken up',
      body: 'NewAccount',
      answers: { 201: 'MadeAccount' },
      refusals: [409, ...WITH_BODY],
    },
  },
  '/api/v1/accounts/{id}': {
    post: {
      summary: 'Changes what an account may do, ends it or lets it in again',
      body: 'AccountChange',
      answers: { 200: 'ChangedAccount' },
      refusals: [404, 409, ...WITH_BODY],
    },
  },
  '/api/v1/accounts/{id}/code': {
    post: {
      summary: 'A code with which an account picks another passphrase',
      answers: { 201: 'Code' },
      refusals: [404, ...EVERY],
    },
  },
  '/api/v1/backup': {
    get: { summary: 'When the program was backed up last', answers: { 200: 'BackupState' }, refusals: EVERY },
    post: { summary: 'Backs the program up now', answers: { 201: 'BackupState' }, refusals: [409, 503, ...EVERY] },
  },
  '/api/v1/firm': {
    get: {
      summary: 'The whole firm with all its jobs and photos, as an archive that is streamed (docs/formats)',
      gives: 'application/x-tar',
      answers: { 200: 'Bytes' },
      refusals: EVERY,
    },
    post: {
      summary: 'Takes the archive of a firm in, job by job; what is here already stays',
      takes: 'application/x-tar',
      body: 'Bytes',
      answers: { 200: 'FirmTaken' },
      refusals: [503, ...WITH_BODY],
    },
  },
  '/api/v1/audit': {
    get: { summary: 'What was done, newest first', answers: { 200: 'AuditList' }, refusals: EVERY },
  },
  '/api/v1/jobs/{id}/shares': {
    get: {
      summary: 'Links by which the customer reads their page',
      answers: { 200: 'ShareList' },
      refusals: [404, ...EVERY],
    },
    post: {
      summary: 'Makes a link to the customer’s page and the photos; what opens it is told this once',
      body: 'NewShare',
      answers: { 201: 'MadeShare' },
      refusals: [404, 409, 410, ...WITH_BODY],
    },
  },
  '/api/v1/jobs/{id}/shares/{share}': {
    delete: { summary: 'Withdraws a link, at once', answers: { 200: 'EndedShare' }, refusals: [404, ...EVERY] },
  },
  '/api/v1/share/{token}/photos/{sha256}': {
    get: {
      summary: 'A picture that a link shows',
      query: { size: { enum: ['whole', 'thumb'] } },
      gives: 'image/jpeg',
      answers: { 200: 'Bytes' },
      refusals: [404, 422, 500],
    },
  },
};
