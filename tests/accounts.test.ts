import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { v7 } from 'uuid';
import type { Account, Role } from '@/contract/accounts';
import * as accountCodeRoute from '@/app/api/v1/accounts/[id]/code/route';
import * as accountRoute from '@/app/api/v1/accounts/[id]/route';
import * as accountsRoute from '@/app/api/v1/accounts/route';
import * as auditRoute from '@/app/api/v1/audit/route';
import * as crewRoute from '@/app/api/v1/crew/route';
import * as entriesRoute from '@/app/api/v1/jobs/[id]/entries/route';
import * as newsRoute from '@/app/api/v1/jobs/[id]/news/route';
import * as oneShareRoute from '@/app/api/v1/jobs/[id]/shares/[share]/route';
import * as sharesRoute from '@/app/api/v1/jobs/[id]/shares/route';
import * as jobsRoute from '@/app/api/v1/jobs/route';
import * as practiceRoute from '@/app/api/v1/practice/route';
import * as sharedPhotoRoute from '@/app/api/v1/share/[token]/photos/[sha256]/route';
import * as againRoute from '@/app/api/v1/session/again/route';
import * as claimRoute from '@/app/api/v1/session/account/route';
import * as codeRoute from '@/app/api/v1/session/code/route';
import * as deviceRoute from '@/app/api/v1/session/device/route';
import * as passphraseRoute from '@/app/api/v1/session/passphrase/route';
import * as sessionRoute from '@/app/api/v1/session/route';
import * as sessionsRoute from '@/app/api/v1/sessions/route';
import * as oneSessionRoute from '@/app/api/v1/sessions/[id]/route';
import * as settingsRoute from '@/app/api/v1/settings/route';
import { entry, newJob } from '@/server/forTests';
import { withoutIds } from '@/server/http/route';
import { othersIn } from '@/server/jobs/presence';
import { noteOpened, sharedJob } from '@/server/shares';
import { store } from '@/server/store';
import { ownPath } from '@/server/accounts/ownPath';
import { makeCode } from '@/server/accounts/codes';
import { ask, asWhom, codeIn, openFirm, PASSPHRASE, post, signIn, type Answered, type Route } from './firmDoor';

let office = '';
/** An account of a role, signed in. */
async function signedIn(name: string, role: Role): Promise<{ readonly cookie: string; readonly account: Account }> {
  const made = await post(accountsRoute.POST, '/accounts', { id: v7(), name, role }, { cookie: office });
  expect(made.status).toBe(201);
  const code = codeIn(made);
  const { cookie, body } = await post(claimRoute.POST, '/session/account', { code, passphrase: PASSPHRASE });
  return { cookie, account: body.account ?? (null as never) };
}

let close: () => Promise<void>;
beforeAll(async () => {
  ({ office, close } = await openFirm());
});
afterEach(() => {
  process.env.FOX_LADDER_HOSTS = 'firm.local';
});
afterAll(() => close());

describe('signing in', () => {
  it('is asked for as soon as the program answers to further hosts, and not before', async () => {
    expect((await ask(jobsRoute.GET as Route, '/jobs')).status).toBe(401);
    expect((await ask(jobsRoute.GET as Route, '/jobs', { cookie: office })).status).toBe(200);
    delete process.env.FOX_LADDER_HOSTS;
    const own = await jobsRoute.GET(new Request('http://127.0.0.1/api/v1/jobs', { headers: { host: '127.0.0.1' } }), {
      params: Promise.resolve({}),
    });
    expect(own.status).toBe(200);
  });
  it('takes a name in any case with its passphrase, and tells a wrong name from a wrong passphrase to nobody', async () => {
    const signed = await signIn('mORWENNA');
    expect(signed.status).toBe(200);
    // A browser holds a name that begins so to this host and a connection that nobody reads
    expect(signed.cookie).toMatch(/^__Host-/);
    const wrong = await signIn('Morwenna', 'seven slow herons wale');
    const nobody = await signIn('Loveday', 'seven slow herons wale');
    expect([wrong.status, nobody.status]).toEqual([401, 401]);
    expect(wrong.body).toEqual(nobody.body);
    expect(wrong.cookie).toBe('');
  });
  it('lets one address try so often in a minute, and no one else wait for it', async () => {
    const tries: number[] = [];
    for (let n = 0; n < 12; n++)
      tries.push((await signIn('Morwenna', `wrong wrong wrong ${n}`, { from: '10.1.1.1' })).status);
    expect(tries.slice(0, 8)).toEqual(Array<number>(8).fill(401));
    expect(tries.slice(8)).toEqual(Array<number>(4).fill(429));
    expect((await signIn('Morwenna', PASSPHRASE, { from: '10.1.1.1' })).status).toBe(429);
    expect((await signIn('Morwenna', PASSPHRASE, { from: '10.1.1.2' })).status).toBe(200);
  });
  it('lets all of a firm in behind one address, and gives nobody guesses for it', async () => {
    const from = '10.1.1.3';
    const firm: number[] = [];
    for (let n = 0; n < 20; n++) firm.push((await signIn('Morwenna', PASSPHRASE, { from })).status);
    expect(firm).toEqual(Array<number>(20).fill(200));
    // Who has an account signs in by it between guesses at another’s: eight a minute they stay
    const guesses: number[] = [];
    for (let n = 0; n < 10; n++) {
      guesses.push((await signIn('Loveday', `wrong wrong wrong ${n}`, { from })).status);
      await signIn('Morwenna', PASSPHRASE, { from });
    }
    expect(guesses).toEqual([...Array<number>(8).fill(401), 429, 429]);
  });
  it('believes no cookie that it did not sign, nor one of a session that ended', async () => {
    const { cookie } = await signIn('Morwenna');
    expect(await asWhom(cookie)).toMatchObject({ name: 'Morwenna', role: 'office' });
    const [name, value] = cookie.split('=', 2);
    const [token] = decodeURIComponent(value ?? '').split('.', 1);
    for (const forged of [`${name}=${token}`, `${name}=${token}.AAAA`, cookie.slice(0, -6), `${name}=x.y`])
      expect(await asWhom(forged)).toBeNull();
    const out = await ask(sessionRoute.DELETE, '/session', { method: 'DELETE', cookie });
    expect(out.status).toBe(200);
    expect(await asWhom(cookie)).toBeNull();
  });
  it('takes nothing from another origin', async () => {
    expect((await signIn('Morwenna', PASSPHRASE, { origin: 'https://elsewhere.example' })).status).toBe(403);
  });
});

describe('a code', () => {
  it('makes the first account once, and none after it', async () => {
    const { code } = await makeCode(await store(), 'first', null);
    const again = await post(claimRoute.POST, '/session/account', {
      code,
      passphrase: PASSPHRASE,
      name: 'Eve',
    });
    expect(again.status).toBe(401);
  });
  it('signs one more device in, once', async () => {
    const { code } = (await post(deviceRoute.POST, '/session/device', undefined, { cookie: office })).body;
    const typed = String(code).toLowerCase().replace('-', ' ');
    const phone = await post(codeRoute.POST, '/session/code', { code: typed });
    expect(await asWhom(phone.cookie)).toMatchObject({ name: 'Morwenna' });
    expect((await post(codeRoute.POST as Route, '/session/code', { code })).status).toBe(401);
  });
  it('is guessed by nobody: so many tries, then no more', async () => {
    const tries: number[] = [];
    for (let n = 0; n < 9; n++)
      tries.push((await post(codeRoute.POST, '/session/code', { code: `AAAAA-AAA${n}` }, { from: '10.2.2.2' })).status);
    expect(tries).toEqual([...Array<number>(8).fill(401), 429]);
  });
  it('ends with its time', async () => {
    const opened = await store();
    const { code } = await makeCode(
      { ...opened, clock: { ...opened.clock, now: () => '2026-01-01T00:00:00.000Z' } },
      'device',
      (await asWhom(office))?.id ?? null,
    );
    expect((await post(codeRoute.POST as Route, '/session/code', { code })).status).toBe(401);
  });
});

describe('an account', () => {
  it('writes in its own name alone', async () => {
    const { cookie, account } = await signedIn('Jory', 'installer');
    const by = { id: account.personId, name: 'Jory' };
    const job = { ...newJob(), by };
    expect(
      (await post(jobsRoute.POST as Route, '/jobs', { ...job, by: { id: 'ines', name: 'Ines' } }, { cookie })).status,
    ).toBe(403);
    expect((await post(jobsRoute.POST as Route, '/jobs', job, { cookie })).status).toBe(201);
    const write = (one: object) =>
      post(entriesRoute.POST, `/jobs/${job.id}/entries`, { entries: [one] }, { cookie, id: job.id });
    expect((await write(entry('noteWritten', { text: 'mine' }, { by }))).status).toBe(200);
    const other = await write(entry('noteWritten', { text: 'not mine' }));
    expect(other.status).toBe(403);
    expect(JSON.stringify(other.body)).toContain('has to be signed in');
  });
  it('is at a job, and plays in practice, as nobody else', async () => {
    const { cookie, account } = await signedIn('Gerens', 'installer');
    const by = { id: account.personId, name: 'Gerens' };
    const job = { ...newJob(), by };
    await post(jobsRoute.POST, '/jobs', job, { cookie });
    const line = new AbortController();
    const listens = (as: string) =>
      newsRoute.GET(
        new Request(`https://firm.local/api/v1/jobs/${job.id}/news?as=${as}`, {
          headers: { host: 'firm.local', cookie },
          signal: line.signal,
        }),
        { params: Promise.resolve({ id: job.id }) },
      );
    expect((await listens('ines')).status).toBe(200);
    expect(othersIn(job.id, '')).toEqual([{ byId: account.personId, pointId: null }]);
    line.abort();
    const round = { id: v7(), level: 'any', seed: 1, bestMinutes: null, acts: [{ do: 'giveUp' }] };
    expect((await post(practiceRoute.POST as Route, '/practice', { ...round, byId: 'ines' }, { cookie })).status).toBe(
      403,
    );
  });
  it('may what its role may', async () => {
    const looks = await signedIn('Kerra', 'looks');
    const installer = await signedIn('Petrok', 'installer');
    const settings = (cookie: string) => post(settingsRoute.POST, '/settings', { currency: 'EUR' }, { cookie });
    const crew = (cookie: string) => post(crewRoute.POST, '/crew', { id: 'p9', name: 'Piran' }, { cookie });
    const job = ({ cookie, account }: typeof looks) =>
      post(jobsRoute.POST, '/jobs', { ...newJob(), by: { id: account.personId, name: account.name } }, { cookie });
    const list = (cookie: string) => ask(accountsRoute.GET, '/accounts', { cookie });
    expect((await ask(jobsRoute.GET as Route, '/jobs', { cookie: looks.cookie })).status).toBe(200);
    expect((await job(looks)).status).toBe(403);
    expect((await job(installer)).status).toBe(201);
    for (const one of [looks.cookie, installer.cookie])
      expect([(await settings(one)).status, (await crew(one)).status, (await list(one)).status]).toEqual([
        403, 403, 403,
      ]);
    expect([(await settings(office)).status, (await crew(office)).status, (await list(office)).status]).toEqual([
      200, 201, 200,
    ]);
  });
  it('of somebody licensed is so in the crew, until its role changes', async () => {
    const { account } = await signedIn('Tamsin', 'licensed');
    const licensed = async () =>
      (
        (await ask(crewRoute.GET as Route, '/crew', { cookie: office })).body.crew as {
          id: string;
          licensed: boolean;
        }[]
      ).find(({ id }) => id === account.personId)?.licensed;
    expect(await licensed()).toBe(true);
    await post(accountRoute.POST, `/accounts/${account.id}`, { role: 'installer' }, { cookie: office, id: account.id });
    expect(await licensed()).toBe(false);
  });
  it('that is ended is out at once, and stays out', async () => {
    const { cookie, account } = await signedIn('Denzel', 'installer');
    const end = await post(
      accountRoute.POST,
      `/accounts/${account.id}`,
      { ended: 'now' },
      { cookie: office, id: account.id },
    );
    expect(end.status).toBe(200);
    expect(await asWhom(cookie)).toBeNull();
    expect((await signIn('Denzel')).status).not.toBe(200);
  });
  it('leaves somebody of the office', async () => {
    const me = await asWhom(office);
    const change = { role: 'looks' };
    const last = await post(accountRoute.POST, `/accounts/${me?.id}`, change, {
      cookie: office,
      id: me?.id ?? '',
    });
    expect(last.status).toBe(409);
  });
  it('has a name of its own and a passphrase that is long enough', async () => {
    const make = (name: string) =>
      post(accountsRoute.POST, '/accounts', { id: v7(), name, role: 'looks' }, { cookie: office });
    expect((await make('morwenna')).status).toBe(409);
    for (const name of ['', ' Jory', 'Jo<b>', 'a'.repeat(41)])
      expect((await make(name)).status).toBeGreaterThanOrEqual(400);
    const code = codeIn(await make('Elowen'));
    expect((await post(claimRoute.POST as Route, '/session/account', { code, passphrase: 'short' })).status).toBe(422);
    for (const guessed of ['passwordpassword', 'qwertyuiopas', '123456789012', 'Elowen'.repeat(3)])
      expect(
        (await post(claimRoute.POST as Route, '/session/account', { code, passphrase: guessed }, { from: '10.9.0.7' }))
          .status,
      ).toBe(422);
    // And the code is good still
    expect((await post(claimRoute.POST as Route, '/session/account', { code, passphrase: PASSPHRASE })).status).toBe(
      200,
    );
  });
  it('gets another passphrase by a new code, and all its devices are out', async () => {
    const { cookie, account } = await signedIn('Wella', 'installer');
    const made = await post(accountCodeRoute.POST, `/accounts/${account.id}/code`, undefined, {
      cookie: office,
      id: account.id,
    });
    const other = 'nine loud gulls on a roof';
    const claimed = await post(claimRoute.POST, '/session/account', {
      code: made.body.code,
      passphrase: other,
    });
    expect(claimed.status).toBe(200);
    expect(await asWhom(cookie)).toBeNull();
    expect((await signIn('Wella')).status).toBe(401);
    expect((await signIn('Wella', other)).status).toBe(200);
  });
  it('changes its own passphrase by the one it has, and its other devices are out', async () => {
    const { cookie } = await signedIn('Kerensa', 'looks');
    const phone = (await signIn('Kerensa', PASSPHRASE, { from: '10.9.0.8' })).cookie;
    const next = 'six brave herons at low tide';
    const change = (body: object) =>
      post(passphraseRoute.POST, '/session/passphrase', body, { cookie, from: '10.9.0.9' });
    expect((await change({ passphrase: 'not the one it has', next })).body.errors?.[0]?.path).toBe('passphrase');
    expect((await change({ passphrase: PASSPHRASE, next: 'short' })).body.errors?.[0]?.path).toBe('next');
    expect((await change({ passphrase: PASSPHRASE, next: 'letmeinletmein' })).body.errors?.[0]?.path).toBe('next');
    expect(await asWhom(phone)).not.toBeNull();
    expect((await change({ passphrase: PASSPHRASE, next })).status).toBe(200);
    expect((await asWhom(cookie))?.name).toBe('Kerensa');
    expect(await asWhom(phone)).toBeNull();
    expect((await signIn('Kerensa', PASSPHRASE, { from: '10.9.0.10' })).status).toBe(401);
    expect((await signIn('Kerensa', next, { from: '10.9.0.11' })).status).toBe(200);
    // Whoever holds a device without knowing its passphrase has eight tries a minute
    let last = 0;
    for (let i = 0; i < 10; i++) last = (await change({ passphrase: 'not the one it has', next })).status;
    expect(last).toBe(429);
  });
});

describe('what opens the firm to others', () => {
  it('asks for the passphrase again, unless that was said a moment ago', async () => {
    const { cookie, account } = await signedIn('Loveday', 'office');
    const { db } = await store();
    const code = () => post(deviceRoute.POST, '/session/device', undefined, { cookie });
    expect((await code()).status).toBe(201);
    const since = (minutes: number) => new Date(Date.now() - minutes * 60_000).toISOString();
    const signedAgo = (minutes: number) =>
      db
        .updateTable('sessions')
        .set({ createdAt: since(minutes) })
        .where('userId', '=', account.id)
        .execute();
    await signedAgo(9);
    expect((await code()).status).toBe(201);
    await signedAgo(11);
    const make = () => post(accountsRoute.POST, '/accounts', { id: v7(), name: 'Meraud', role: 'looks' }, { cookie });
    for (const held of [await code(), await make()])
      expect([held.status, held.body.errors?.[0]?.path]).toEqual([403, 'again']);
    // Jobs, lists, one’s own sign-out are not held up by it
    expect((await ask(accountsRoute.GET, '/accounts', { cookie })).status).toBe(200);
    expect((await ask(sessionsRoute.GET, '/sessions', { cookie })).status).toBe(200);
    const again = (passphrase: string) =>
      post(againRoute.POST, '/session/again', { passphrase }, { cookie, from: '10.9.1.1' });
    expect((await again('not the one it has')).body.errors?.[0]?.path).toBe('passphrase');
    expect((await make()).status).toBe(403);
    expect((await again(PASSPHRASE)).status).toBe(200);
    expect((await make()).status).toBe(201);
    await db
      .updateTable('sessions')
      .set({ provenAt: since(11) })
      .where('userId', '=', account.id)
      .execute();
    expect((await code()).status).toBe(403);
    // Whoever holds the phone has eight tries a minute; what was right was none
    for (let n = 0; n < 7; n++) await again('not the one it has');
    expect((await again(PASSPHRASE)).status).toBe(429);
  });
  it('and half a year after it was signed in a device is out, however often it was used', async () => {
    const { cookie, account } = await signedIn('Tegen', 'installer');
    const { db } = await store();
    const signedAgo = (days: number) =>
      db
        .updateTable('sessions')
        .set({ createdAt: new Date(Date.now() - days * 86_400_000).toISOString() })
        .where('userId', '=', account.id)
        .execute();
    await signedAgo(179);
    const listed = async (): Promise<boolean> => {
      const { sessions = [] } = (await ask(sessionsRoute.GET, '/sessions', { cookie: office })).body;
      return sessions.some(({ accountId }) => accountId === account.id);
    };
    expect(await asWhom(cookie)).toMatchObject({ name: 'Tegen' });
    expect(await listed()).toBe(true);
    await signedAgo(181);
    expect(await asWhom(cookie)).toBeNull();
    expect(await listed()).toBe(false);
  });
});

describe('devices that are signed in', () => {
  it('are listed, each to its own, and ended one by one', async () => {
    const { cookie } = await signedIn('Merryn', 'installer');
    const second = await signIn('Merryn');
    const sessions = async (of: string) =>
      (await ask(sessionsRoute.GET, '/sessions', { cookie: of })).body.sessions ?? [];
    const [own] = (await sessions(cookie)).filter(({ isThis }) => !isThis);
    expect(await sessions(cookie)).toHaveLength(2);
    expect((await sessions(office)).length).toBeGreaterThan(2);
    const notOwn = (await sessions(office)).find(({ isThis }) => isThis)?.id ?? '';
    const end = (id: string) => ask(oneSessionRoute.DELETE, `/sessions/${id}`, { method: 'DELETE', cookie, id });
    expect((await end(notOwn)).status).toBe(404);
    expect((await end(own?.id ?? '')).status).toBe(200);
    expect(await asWhom(second.cookie)).toBeNull();
  });
});

describe('a link for a customer', () => {
  const soon = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);
  const make = (jobId: string, until: string, cookie: string, id = v7()) =>
    post(sharesRoute.POST, `/jobs/${jobId}/shares`, { id, until }, { cookie, id: jobId });
  /** A job with a photo that is shown, and one that is a trial picture; the entries name what no file needs to hold. */
  const jobOf = async ({ cookie, account }: Awaited<ReturnType<typeof signedIn>>) => {
    const job = { ...newJob(), by: { id: account.personId, name: account.name } };
    expect((await post(jobsRoute.POST as Route, '/jobs', job, { cookie })).status).toBe(201);
    return job.id;
  };
  const tokenOf = ({ body }: Answered): string => /\/share\/([\w-]{32})$/.exec(body.address ?? '')?.[1] ?? '';

  it('is made for one job, told once, good until its day, and withdrawn at once', async () => {
    const maker = await signedIn('Ysella', 'installer');
    const jobId = await jobOf(maker);
    const made = await make(jobId, soon(30), maker.cookie);
    expect(made.status).toBe(201);
    expect(made.body.address).toMatch(/^https:\/\/firm\.local\/share\//);
    const opened = await store();
    const token = tokenOf(made);
    expect(await sharedJob(opened, token)).toMatchObject({ jobId });
    // What opens it stands nowhere: neither in the list nor in the database
    const list = await ask(sharesRoute.GET, `/jobs/${jobId}/shares`, { cookie: maker.cookie, id: jobId });
    expect(list.body.shares).toMatchObject([{ by: 'Ysella', opened: 0, endedAt: null }]);
    expect(JSON.stringify(list.body)).not.toContain(token);
    expect(JSON.stringify(await opened.db.selectFrom('shares').selectAll().execute())).not.toContain(token);
    // Its last day is good to the end, wherever the customer lives; then it is over
    const at = (iso: string) => ({ ...opened, clock: { ...opened.clock, now: () => iso } });
    expect(await sharedJob(at(`${soon(30)}T23:59:00.000Z`), token)).not.toBeNull();
    expect(await sharedJob(at(`${soon(32)}T12:00:00.000Z`), token)).toBeNull();
    const share = made.body.share?.id ?? '';
    const end = await ask(oneShareRoute.DELETE, `/jobs/${jobId}/shares/${share}`, {
      method: 'DELETE',
      cookie: maker.cookie,
      id: jobId,
      more: { share },
    });
    expect(end.body.share?.endedAt).not.toBeNull();
    expect(await sharedJob(opened, token)).toBeNull();
  });
  it('leaves what opens it out of the log', () => {
    const token = 'wRq4xmzGzG1cZ3mbBpu7Vviz-RR79Gax';
    expect(withoutIds(`/api/v1/share/${token}/photos/${'a'.repeat(64)}`)).toBe('/api/v1/share/…/photos/…');
  });
  it('is guessed by nobody, and tells nobody why it does not open', async () => {
    const opened = await store();
    for (const token of ['', 'x', 'A'.repeat(32), '../../etc/passwd', `${'A'.repeat(31)}%`]) {
      expect(await sharedJob(opened, token)).toBeNull();
      const photo = await ask(sharedPhotoRoute.GET, '/share/x/photos/y', { more: { token, sha256: 'y' } });
      expect(photo.status).toBe(404);
    }
  });
  it('shows no picture that is not of its job', async () => {
    const maker = await signedIn('Nessa', 'installer');
    const token = tokenOf(await make(await jobOf(maker), soon(5), maker.cookie));
    const sha256 = 'a'.repeat(64);
    expect((await ask(sharedPhotoRoute.GET as Route, '/share/x/photos/y', { more: { token, sha256 } })).status).toBe(
      404,
    );
  });
  it('refuses a day that is none, over, or far off, a job that is not there, and who only looks', async () => {
    const maker = await signedIn('Wenna', 'installer');
    const looks = await signedIn('Kitto', 'looks');
    const jobId = await jobOf(maker);
    for (const until of ['', 'soon', '2026-13-40', `${new Date().getUTCFullYear() + 1}-02-30`, soon(-2), soon(400)]) {
      const refused = await make(jobId, until, maker.cookie);
      expect([400, 422]).toContain(refused.status);
      expect(new Set(refused.body.errors?.map((one) => one.path))).toEqual(new Set(['until']));
    }
    expect((await make(v7(), soon(5), maker.cookie)).status).toBe(404);
    expect((await make(jobId, soon(5), looks.cookie)).status).toBe(403);
    expect((await make(jobId, soon(5), '')).status).toBe(401);
    const id = v7();
    expect((await make(jobId, soon(5), maker.cookie, id)).status).toBe(201);
    expect((await make(jobId, soon(5), maker.cookie, id)).status).toBe(409);
  });
  it('is in the list of what was done: made, opened once a day, withdrawn', async () => {
    const maker = await signedIn('Derwa', 'installer');
    const jobId = await jobOf(maker);
    const made = await make(jobId, soon(5), maker.cookie);
    const opened = await store();
    const id = made.body.share?.id ?? '';
    await noteOpened(opened, id, '192.0.2.7');
    await noteOpened(opened, id, '192.0.2.7');
    const { lines = [] } = (await ask(auditRoute.GET, '/audit', { cookie: office })).body;
    const ofJob = lines.filter(({ detail }) => detail.includes(jobId)).map(({ what, by }) => [what, by]);
    expect(ofJob).toEqual([
      ['shareOpened', ''],
      ['shareMade', 'Derwa'],
    ]);
    const list = await ask(sharesRoute.GET, `/jobs/${jobId}/shares`, { cookie: maker.cookie, id: jobId });
    expect(list.body.shares).toMatchObject([{ opened: 2 }]);
  });
});

describe('where one goes on after signing in', () => {
  it('is a page of this program, however another was written', () => {
    expect(ownPath('/jobs/1?rung=wire', '/')).toBe('/jobs/1?rung=wire');
    const elsewhere = [
      '//elsewhere.example',
      '/\\elsewhere.example',
      '/\t/elsewhere.example',
      'https://elsewhere.example/x',
    ];
    for (const to of [...elsewhere, 'javascript:alert(1)', undefined, ['/a']]) expect(ownPath(to, '/')).toBe('/');
  });
});

describe('what has to be told later', () => {
  it('stands in a list that the office reads', async () => {
    const { lines } = (await ask(auditRoute.GET, '/audit', { cookie: office })).body;
    for (const what of [
      'signedIn',
      'signInFailed',
      'signedOut',
      'accountMade',
      'accountChanged',
      'codeMade',
      'sessionEnded',
    ])
      expect((lines ?? []).map((line) => line.what)).toContain(what);
  });
});
