import { hash, verify } from '@node-rs/argon2';
import { betterAuth, type BetterAuthOptions, type GenericEndpointContext, type Session } from 'better-auth';
import { createAuthEndpoint } from 'better-auth/api';
import { setSessionCookie } from 'better-auth/cookies';
import { username } from 'better-auth/plugins/username';
import { PASSPHRASE, sameName } from '@/contract/accounts';
import type { Store } from '../storeOf';
import { FROM_HEADER } from './from';
import { accountByPasskey, type Site } from './passkeys';
import { needsPasskey } from './passkeyFirst';
import { signingSecret } from './signingSecret';
import { takeCode } from './codes';

const DAY_S = 24 * 3600;
/** A device that nobody used for so long is signed out. */
const LASTS_S = 30 * DAY_S;
/** Argon2id, of the size that OWASP’s sheet on the storing of passwords asks for. */
const ARGON = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;
/** Tries from one address: not by name, or anybody could lock anybody out. */
const TRIES = { window: 60, max: 8 } as const;

/** Where the library answers; nobody outside asks there, our own routes do (`session.ts`). */
export const BASE = '/api/auth';
export const BY_NAME = '/sign-in/username';
export const COUNTED = '/sign-in/counted';
export const PASSKEY = '/sign-in/passkey';

/** Signs in whoever has shown that an account is theirs. */
async function letIn(ctx: GenericEndpointContext, accountId: string | null) {
  const user = accountId === null ? null : await ctx.context.internalAdapter.findUserById(accountId);
  if (!user) throw ctx.error('UNAUTHORIZED');
  // None is made for an account that ended, whatever the library’s type says
  const session = (await ctx.context.internalAdapter.createSession(user.id)) as Session | null;
  if (!session) throw ctx.error('UNAUTHORIZED');
  await setSessionCookie(ctx, { session, user });
  return ctx.json({ user: { id: user.id } });
}

/** Lets a device in by a code that was shown on another screen, or by a passkey; tries of a code that the library does not take are counted too. */
const byOtherWays = (store: Store) => ({
  id: 'by-other-ways',
  endpoints: {
    countTry: createAuthEndpoint(COUNTED, { method: 'POST' }, (ctx) => Promise.resolve(ctx.json({}))),
    signInCode: createAuthEndpoint('/sign-in/code', { method: 'POST' }, async (ctx) => {
      const { code } = ctx.body as { readonly code: string };
      const taken = await takeCode(store, code, ['device']);
      return letIn(ctx, taken?.accountId ?? null);
    }),
    signInPasskey: createAuthEndpoint(PASSKEY, { method: 'POST' }, async (ctx) => {
      const { site, credential } = ctx.body as { readonly site: Site; readonly credential: { readonly id: string } };
      return letIn(ctx, await accountByPasskey(store, site, credential));
    }),
  },
});

const optionsOf = (store: Store) =>
  ({
    // It is asked by our own routes alone, under whatever name the program is reached
    baseURL: 'https://localhost',
    basePath: BASE,
    secret: signingSecret(store.folder),
    database: { db: store.db, type: 'sqlite' },
    telemetry: { enabled: false },
    // What went wrong is told to who asked, and by the log of requests
    logger: { disabled: true },
    emailAndPassword: {
      enabled: true,
      disableSignUp: true,
      minPasswordLength: PASSPHRASE.shortest,
      maxPasswordLength: PASSPHRASE.longest,
      password: {
        hash: (text) => hash(text.normalize('NFKC'), ARGON),
        verify: ({ hash: kept, password }) => verify(kept, password.normalize('NFKC')),
      },
    },
    user: {
      modelName: 'accounts',
      additionalFields: {
        role: { type: 'string', input: false },
        personId: { type: 'string', input: false },
        endedAt: { type: 'string', required: false, input: false },
      },
    },
    session: { modelName: 'sessions', expiresIn: LASTS_S, updateAge: DAY_S, cookieCache: { enabled: false } },
    account: { modelName: 'credentials' },
    verification: { modelName: 'verifications' },
    rateLimit: {
      enabled: true,
      storage: 'database',
      modelName: 'tries',
      window: TRIES.window,
      max: TRIES.max,
      customRules: { [BY_NAME]: TRIES, '/sign-in/code': TRIES, [PASSKEY]: TRIES, [COUNTED]: TRIES },
    },
    advanced: {
      // Browsers hold a name that begins so to this host, the whole of it, and a connection that nobody reads
      cookiePrefix: '__Host-fox-ladder',
      useSecureCookies: false,
      // `http/guard` has held the request against its origin before
      disableCSRFCheck: true,
      disableOriginCheck: true,
      ipAddress: { ipAddressHeaders: [FROM_HEADER] },
      defaultCookieAttributes: { secure: true, httpOnly: true, sameSite: 'lax', path: '/' },
    },
    databaseHooks: {
      session: {
        create: {
          before: async ({ userId }, ctx) => {
            const { endedAt } = await store.db
              .selectFrom('accounts')
              .select('endedAt')
              .where('id', '=', userId)
              .executeTakeFirstOrThrow();
            if (endedAt !== null) return false;
            return ctx?.path === BY_NAME && (await needsPasskey(store, userId)) ? false : undefined;
          },
        },
      },
    },
    plugins: [
      username({
        minUsernameLength: 1,
        maxUsernameLength: 40,
        usernameNormalization: sameName,
        usernameValidator: () => true,
      }),
      byOtherWays(store),
    ],
  }) satisfies BetterAuthOptions;

/** Signs people in and knows who is: a library’s work, on our own tables. */
export const signInOf = (store: Store) => betterAuth(optionsOf(store));
export type SignIn = ReturnType<typeof signInOf>;
