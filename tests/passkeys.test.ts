import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import { ASKED_AGAIN, type Account, type Role } from '@/contract/accounts';
import * as accountCodeRoute from '@/app/api/v1/accounts/[id]/code/route';
import * as accountRoute from '@/app/api/v1/accounts/[id]/route';
import * as accountsRoute from '@/app/api/v1/accounts/route';
import * as auditRoute from '@/app/api/v1/audit/route';
import * as claimRoute from '@/app/api/v1/session/account/route';
import * as jobsRoute from '@/app/api/v1/jobs/route';
import * as codeRoute from '@/app/api/v1/session/code/route';
import * as deviceRoute from '@/app/api/v1/session/device/route';
import * as askedRoute from '@/app/api/v1/session/passkey/options/route';
import * as signInRoute from '@/app/api/v1/session/passkey/route';
import * as passkeyRoute from '@/app/api/v1/session/passkeys/[id]/route';
import * as newRoute from '@/app/api/v1/session/passkeys/options/route';
import * as passkeysRoute from '@/app/api/v1/session/passkeys/route';
import * as settingsRoute from '@/app/api/v1/settings/route';
import { store } from '@/server/store';
import { ask, asWhom, codeIn, HOST, openFirm, PASSPHRASE, post, signIn as byName, type Answered } from './firmDoor';
import { SoftPasskey } from './softPasskey';

let office: string;
let close: () => Promise<void>;
beforeAll(async () => {
  ({ office, close } = await openFirm());
});
afterAll(() => close());

async function signedIn(name: string, role: Role): Promise<{ readonly cookie: string; readonly account: Account }> {
  const code = codeIn(await post(accountsRoute.POST, '/accounts', { id: v7(), name, role }, { cookie: office }));
  const { cookie, body } = await post(claimRoute.POST, '/session/account', { code, passphrase: PASSPHRASE });
  if (!body.account) throw new Error(`${name} was not let in`);
  return { cookie, account: body.account };
}

const challengeOf = ({ body }: Answered): string => body.options?.challenge ?? '';
const toMake = async (cookie: string): Promise<string> =>
  challengeOf(await post(newRoute.POST, '/session/passkeys/options', undefined, { cookie }));
const toSignIn = async (): Promise<string> =>
  challengeOf(await post(askedRoute.POST, '/session/passkey/options', undefined));
const add = (credential: unknown, cookie: string) =>
  post(passkeysRoute.POST, '/session/passkeys', { credential }, { cookie });
const signIn = (credential: unknown, more = {}) => post(signInRoute.POST, '/session/passkey', { credential }, more);
const listed = async (cookie: string) =>
  (await ask(passkeysRoute.GET, '/session/passkeys', { cookie })).body.passkeys ?? [];
const remove = (id: string, cookie: string) =>
  ask(passkeyRoute.DELETE, `/session/passkeys/${id}`, { method: 'DELETE', cookie, id });

/** Somebody who has a passkey. */
async function withPasskey(name: string, role: Role = 'installer') {
  const one = await signedIn(name, role);
  const key = new SoftPasskey(HOST);
  const made = await add(key.made({ challenge: await toMake(one.cookie) }), one.cookie);
  expect(made.status).toBe(201);
  return { ...one, key };
}

describe('a passkey', () => {
  it('is made by whoever is signed in, and signs them in without a passphrase', async () => {
    const { account, cookie, key } = await withPasskey('Jory');
    expect(await listed(cookie)).toMatchObject([{ id: key.id, accountId: account.id, host: HOST, lastUsed: null }]);
    const signed = await signIn(key.used({ challenge: await toSignIn() }));
    expect(signed.status).toBe(200);
    expect(await asWhom(signed.cookie)).toMatchObject({ name: 'Jory', role: 'installer' });
    expect((await listed(cookie))[0]?.lastUsed).not.toBeNull();
  });
  it('answers a question once, asked here, of its own host and origin, by its owner’s finger', async () => {
    const { key } = await withPasskey('Kerra');
    const challenge = await toSignIn();
    const answered = key.used({ challenge });
    expect((await signIn(answered)).status).toBe(200);
    expect((await signIn(answered)).status).toBe(401);
    const wrong = [
      key.used({ challenge: Buffer.from('never asked').toString('base64url') }),
      key.used({ challenge: await toSignIn(), origin: 'https://elsewhere.example' }),
      key.used({ challenge: await toSignIn(), verified: false }),
      new SoftPasskey(HOST).used({ challenge: await toSignIn() }),
      { ...key.used({ challenge: await toSignIn() }), id: 'x' },
      { id: key.id, response: {} },
    ];
    for (const one of wrong) {
      const refused = await signIn(one);
      expect([refused.status, refused.cookie]).toEqual([401, '']);
    }
    // A question that was asked to make one is none to sign in by
    expect((await signIn(key.used({ challenge: await toMake(office) }))).status).toBe(401);
  });
  it('that was copied is found out by its count', async () => {
    const { key } = await withPasskey('Petrok');
    key.counter = 20;
    expect((await signIn(key.used({ challenge: await toSignIn() }))).status).toBe(200);
    key.counter = 5;
    expect((await signIn(key.used({ challenge: await toSignIn() }))).status).toBe(401);
  });
  it('is not made for another, without a finger, for another site, or twice', async () => {
    const one = await signedIn('Elowen', 'looks');
    const other = await signedIn('Wella', 'installer');
    const key = new SoftPasskey(HOST);
    const elsewhere = new SoftPasskey('elsewhere.example');
    const made = key.made({ challenge: await toMake(other.cookie) });
    const wrong = [
      made,
      key.made({ challenge: await toMake(one.cookie), verified: false }),
      elsewhere.made({ challenge: await toMake(one.cookie), origin: `https://${HOST}` }),
      {},
      'x',
      null,
      { id: 'x', response: { junk: 'y'.repeat(30_000) } },
    ];
    for (const bad of wrong) expect([400, 422]).toContain((await add(bad, one.cookie)).status);
    expect(await listed(one.cookie)).toEqual([]);
    expect((await add(key.made({ challenge: await toMake(one.cookie) }), one.cookie)).status).toBe(201);
    expect((await add(key.made({ challenge: await toMake(other.cookie) }), other.cookie)).status).toBe(409);
    expect((await add(made, '')).status).toBe(401);
  });
  it('is taken away by its owner or the office, by nobody else, and then lets nobody in', async () => {
    const { cookie, key } = await withPasskey('Tamsin');
    const other = await withPasskey('Denzel');
    expect((await listed(other.cookie)).map(({ id }) => id)).toEqual([other.key.id]);
    expect((await listed(office)).map(({ id }) => id)).toEqual(expect.arrayContaining([key.id, other.key.id]));
    expect((await remove(key.id, other.cookie)).status).toBe(404);
    expect((await remove(key.id, cookie)).status).toBe(200);
    expect((await signIn(key.used({ challenge: await toSignIn() }))).status).toBe(401);
    expect((await remove(other.key.id, office)).status).toBe(200);
    expect((await signIn(other.key.used({ challenge: await toSignIn() }))).status).toBe(401);
    // The list says whose it was, not only who took it away
    const { lines } = (await ask(auditRoute.GET, '/audit', { cookie: office })).body as {
      lines?: { what: string; by: string; detail: string }[];
    };
    const removed = (lines ?? []).filter(({ what }) => what === 'passkeyRemoved').slice(0, 2);
    expect(new Set(removed.map(({ detail }) => detail.split(',')[0]))).toEqual(new Set(['Denzel', 'Tamsin']));
  });
  it('of an account that ended, or that got a new passphrase by a code, lets nobody in', async () => {
    const ended = await withPasskey('Gerens');
    await post(
      accountRoute.POST,
      `/accounts/${ended.account.id}`,
      { ended: 'now' },
      {
        cookie: office,
        id: ended.account.id,
      },
    );
    const refused = await signIn(ended.key.used({ challenge: await toSignIn() }));
    expect([refused.status, refused.cookie]).toEqual([401, '']);
    const lost = await withPasskey('Ysella');
    const id = lost.account.id;
    const made = await post(accountCodeRoute.POST, `/accounts/${id}/code`, undefined, { cookie: office, id });
    const next = 'nine loud gulls on a roof';
    await post(claimRoute.POST, '/session/account', { code: made.body.code, passphrase: next });
    expect((await signIn(lost.key.used({ challenge: await toSignIn() }))).status).toBe(401);
  });
  it('is guessed by nobody: so many tries, then no more', async () => {
    const key = new SoftPasskey(HOST);
    const tries: number[] = [];
    for (let n = 0; n < 9; n++)
      tries.push((await signIn(key.used({ challenge: await toSignIn() }), { from: '10.3.3.3' })).status);
    expect(tries).toEqual([...Array<number>(8).fill(401), 429]);
  });
  it('is not asked for where the program is reached by a number', async () => {
    process.env.FOX_LADDER_HOSTS = `${HOST},192.0.2.10`;
    const asked = await post(askedRoute.POST, '/session/passkey/options', undefined, { host: '192.0.2.10:4311' });
    process.env.FOX_LADDER_HOSTS = HOST;
    expect([asked.status, asked.body.detail]).toEqual([409, expect.stringContaining('reached by a number')]);
  });
  it('leaves no question behind that nobody answered', async () => {
    const opened = await store();
    await toSignIn();
    await opened.db.updateTable('passkey_challenges').set({ expires_at: '2026-01-01T00:00:00.000Z' }).execute();
    await toSignIn();
    expect(await opened.db.selectFrom('passkey_challenges').select('hash').execute()).toHaveLength(1);
  });
});

describe('a firm that lets nobody in by a passphrase alone', () => {
  const demand = (passkeyDemanded: boolean, cookie: string) =>
    post(settingsRoute.POST, '/settings', { passkeyDemanded }, { cookie });
  const jobs = async (cookie: string): Promise<number> => (await ask(jobsRoute.GET, '/jobs', { cookie })).status;
  const sessionsOf = async (accountId: string): Promise<number> =>
    (await (await store()).db.selectFrom('sessions').select('id').where('userId', '=', accountId).execute()).length;

  it('is made so by somebody of the office who has a passkey, after the passphrase', async () => {
    const shutOut = await demand(true, office);
    expect([shutOut.status, shutOut.body.errors?.[0]?.path]).toEqual([422, 'passkeyDemanded']);
    const installer = await withPasskey('Myghal');
    expect((await demand(true, installer.cookie)).status).toBe(403);
    const key = new SoftPasskey(HOST);
    expect((await add(key.made({ challenge: await toMake(office) }), office)).status).toBe(201);
    const { db } = await store();
    const hourAgo = new Date(Date.now() - 3_600_000).toISOString();
    await db.updateTable('sessions').set({ createdAt: hourAgo, provenAt: null }).execute();
    const later = await demand(true, office);
    expect([later.status, later.body.errors?.[0]?.path]).toEqual([403, ASKED_AGAIN]);
    const { cookie } = await signIn(key.used({ challenge: await toSignIn() }));
    office = cookie;
    expect((await demand(true, office)).status).toBe(200);
    expect(await jobs(office)).toBe(200);
    await demand(false, office);
    // On its own machine nobody signs in, and there is nothing to demand
    delete process.env.FOX_LADDER_HOSTS;
    const own = { host: '127.0.0.1:4310', origin: 'http://127.0.0.1:4310' };
    const asIs = await post(settingsRoute.POST, '/settings', { passkeyDemanded: false }, own);
    const more = await post(settingsRoute.POST, '/settings', { passkeyDemanded: true }, own);
    process.env.FOX_LADDER_HOSTS = HOST;
    expect([asIs.status, more.status]).toEqual([200, 409]);
  });
  it('lets in by a passkey, or by a code of a signed-in device; who knows no passphrase learns nothing', async () => {
    const one = await withPasskey('Cador');
    await demand(true, office);
    const before = await sessionsOf(one.account.id);
    const right = await byName('Cador');
    expect([right.status, right.cookie]).toEqual([401, '']);
    expect(right.body.detail).toContain('by your passkey');
    const wrong = await byName('Cador', 'another passphrase than that');
    const nobody = await byName('Nobody');
    expect([wrong.status, wrong.body]).toEqual([nobody.status, nobody.body]);
    expect(await sessionsOf(one.account.id)).toBe(before);
    expect(await jobs((await signIn(one.key.used({ challenge: await toSignIn() }))).cookie)).toBe(200);
    const { code } = (await post(deviceRoute.POST, '/session/device', undefined, { cookie: one.cookie })).body;
    expect(await jobs((await post(codeRoute.POST, '/session/code', { code })).cookie)).toBe(200);
    await demand(false, office);
    expect((await byName('Cador')).status).toBe(200);
  });
  it('opens nothing to who has none before one is made, and all of it then', async () => {
    await signedIn('Kensa', 'installer');
    await demand(true, office);
    const { cookie, status } = await byName('Kensa');
    expect(status).toBe(200);
    expect(await jobs(cookie)).toBe(401);
    expect((await ask(settingsRoute.GET, '/settings', { cookie })).status).toBe(401);
    expect(await asWhom(cookie)).toMatchObject({ name: 'Kensa' });
    const key = new SoftPasskey(HOST);
    expect((await add(key.made({ challenge: await toMake(cookie) }), cookie)).status).toBe(201);
    expect(await jobs(cookie)).toBe(200);
    // Once it is taken away nothing is open again
    expect((await remove(key.id, office)).status).toBe(200);
    expect(await jobs(cookie)).toBe(401);
    await demand(false, office);
    expect(await jobs(cookie)).toBe(200);
  });
});
