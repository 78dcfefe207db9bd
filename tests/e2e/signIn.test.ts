import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import Database from 'libsql';
import type { Browser } from 'puppeteer-core';
import { Screen, accessible, launch } from './screen';
import { Server, freePort } from './server';

const HOST = 'firm.local';
const PASSPHRASE = 'seven slow herons wade';
const OTHER = 'six brave herons at low tide';
let server: Server;
let office: Browser;
let phone: Browser;
let url: string;
beforeAll(async () => {
  const port = await freePort();
  url = `https://${HOST}:${port}`;
  server = new Server({
    FOX_LADDER_HOSTS: HOST,
    FOX_LADDER_TLS: 'self',
    FOX_LADDER_TLS_PORT: String(port),
    FOX_LADDER_LISTEN: '127.0.0.1',
  });
  server.fill();
  await server.start();
  const known = `--host-resolver-rules=MAP ${HOST} 127.0.0.1`;
  office = await launch([known]);
  // The keeper of pages starts under a certificate that the browser trusts alone
  phone = await launch([known, '--ignore-certificate-errors']);
});
afterAll(async () => {
  await office?.close();
  await phone?.close();
  await server.stop();
  server.clear();
});

const codeOn = async (screen: Screen): Promise<string> => (await screen.text('.code-shown code')).trim();

/** Lets a page’s browser make and use passkeys, as a phone with a finger does. */
async function withFinger({ page }: Screen): Promise<void> {
  const device = await page.createCDPSession();
  await device.send('WebAuthn.enable');
  await device.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
    },
  });
}

/** A firm whose program answers to more than its own machine. */
describe('signing in', () => {
  it('shows nothing to who is not signed in, and makes the first account by the code in the server’s window', async () => {
    const screen = new Screen(await office.newPage());
    await screen.open(`${url}/catalogue`);
    await screen.says('Make the first account', 'h1');
    expect(await screen.text('body')).not.toContain('Tern Cottage');
    await screen.says(/[0-9A-F:]{95}/.exec(server.said)?.[0] ?? 'no fingerprint', '.fingerprint');
    await accessible(screen);
    const code = /with this code, within the hour: (\S+)/.exec(server.said)?.[1] ?? '';
    await screen.type('code', 'AAAAA-AAAAA');
    await screen.type('name', 'Morwenna');
    await screen.fill('passphrase', 'short');
    await screen.fill('again', 'shorter');
    await screen.press('Keep it and sign in');
    await screen.says('These two are not the same.');
    await screen.fill('passphrase', PASSPHRASE);
    await screen.fill('again', PASSPHRASE);
    await screen.press('Keep it and sign in');
    await screen.says('This code is not right, or its time is over.');
    await screen.type('code', code);
    await screen.press('Keep it and sign in');
    // On to where one wanted to go
    await screen.says('Catalogue', 'h1');
    expect(new URL(screen.page.url()).pathname).toBe('/catalogue');
    await screen.page.close();
  });

  it('lets an installer in by a code, who writes in their own name and sees no accounts of others', async () => {
    const screen = new Screen(await office.newPage());
    await screen.open(`${url}/accounts`);
    await screen.type('name', 'Jory');
    await screen.press('Make an account');
    await screen.says('Jory signs in with this');
    await accessible(screen);
    const there = new Screen(await phone.newPage());
    await there.open(`${url}/`);
    await there.says('Sign in', 'h1');
    await there.fill('name', 'Morwenna');
    await there.fill('passphrase', 'not this one at all');
    await there.press('Sign in');
    await there.says('name and passphrase do not belong together');
    await there.page.select('select[aria-label="how you sign in"]', 'account');
    await there.type('code', await codeOn(screen));
    await there.fill('passphrase', PASSPHRASE);
    await there.fill('again', PASSPHRASE);
    await there.press('Keep it and sign in');
    await there.says('Jory', '.signed-in');
    expect(await there.page.$('select.crew')).toBeNull();
    await there.press('New job');
    await there.type('site', 'Wrack House');
    await there.press('Make the job');
    await there.page.waitForSelector('[data-testid=verdict]');
    await there.press('Measure');
    await there.keep('nameplate volts', '16');
    const id = /jobs\/([0-9a-f-]+)/.exec(there.page.url())?.[1] ?? '';
    const by = await there.page.evaluate(async (job) => {
      const { entries } = (await (await fetch(`/api/v1/jobs/${job}/entries`)).json()) as {
        entries: { by: { name: string } }[];
      };
      return [...new Set(entries.map((one) => one.by.name))];
    }, id);
    expect(by).toEqual(['Jory']);
    await there.open(`${url}/accounts`);
    await there.says('Accounts and devices', 'h1');
    expect(await there.text('main')).not.toContain('Who may sign in');
    await screen.page.close();
    await there.page.close();
  });

  it('cuts a lost phone off: what is written there waits, and goes once somebody signs in again', async () => {
    const there = new Screen(await phone.newPage());
    await there.open(`${url}/?q=wrack`);
    await there.press('Front door');
    await there.press('Measure');
    await there.field('volts');
    const screen = new Screen(await office.newPage());
    await screen.open(`${url}/accounts`);
    await screen.says('Jory', '.devices');
    await screen.press('Sign it out', '.devices');
    await screen.until(() => !document.querySelector('.devices')?.textContent?.includes('Jory'));
    await there.type('volts', '15.2');
    await there.page.keyboard.press('Enter');
    await there.says('You are signed out.');
    await there.says('15.2 V', 'td.n');
    await there.press('Sign in', '.signed-out');
    await there.says('Sign in', 'h1');
    await there.fill('name', 'jory');
    await there.fill('passphrase', PASSPHRASE);
    await there.press('Sign in');
    await there.says('Jory', '.signed-in');
    await there.press('Measure');
    await there.says('15.2 V', 'td.n');
    await there.kept();
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await screen.says('device signed out', '.done');
    await screen.page.close();
    await there.page.close();
  });

  it('changes its own passphrase by the one it has', async () => {
    const there = new Screen(await phone.newPage());
    await there.open(`${url}/accounts`);
    await there.press('Change your passphrase');
    const change = async (next: string, again = next): Promise<void> => {
      await there.fill('passphrase', PASSPHRASE);
      await there.fill('next', next);
      await there.fill('again', again);
      await there.press('Keep the new one');
    };
    await change(OTHER, `${OTHER} not`);
    await there.says('These two are not the same.');
    await change('qwertyuiopqwerty');
    await there.says('one of those that are tried first');
    await accessible(there);
    await change(OTHER);
    await there.says('It is changed. Your other devices are signed out.');
    await there.page.close();
  });
});

/** A finger in the place of a passphrase: the browser’s own authenticator, as a phone has one. */
describe('a passkey', () => {
  it('is made once the passphrase was said again, signs in, and is removed', async () => {
    const there = new Screen(await phone.newPage());
    await withFinger(there);
    await there.open(`${url}/accounts`);
    await there.says('Passkeys', 'h2');
    // A while after signing in
    const store = new Database(path.join(server.folder, 'fox-ladder.db'));
    store.exec(`UPDATE sessions SET createdAt = '${new Date(Date.now() - 3_600_000).toISOString()}', provenAt = NULL`);
    store.close();
    await there.press('Make one on this device');
    await there.says('Your passphrase again', '.modal h2');
    await accessible(there);
    await there.fill('passphrase', PASSPHRASE);
    await there.press('Go on', '.modal');
    await there.says('is not the passphrase of this account', '.modal');
    await there.fill('passphrase', OTHER);
    await there.press('Go on', '.modal');
    await there.says(HOST, '.passkeys');
    await accessible(there);
    await there.press('Make one on this device');
    await there.says('This device has a passkey here already.');
    await there.page.evaluate(() => fetch('/api/v1/session', { method: 'DELETE' }));
    await there.open(`${url}/catalogue`);
    await there.press('Sign in with a passkey');
    await there.says('Catalogue', 'h1');
    await there.says('Jory', '.signed-in');
    await there.open(`${url}/accounts`);
    await there.press('Remove', '.passkeys');
    await there.until(() => document.querySelector('.passkeys') === null);
    await there.page.close();
  });
});

describe('a firm that lets nobody in by a passphrase alone', () => {
  const DEMAND = 'Let nobody in by a passphrase alone';
  const enter = async (there: Screen, name: string, passphrase: string): Promise<void> => {
    await there.open(`${url}/sign-in`);
    await there.type('name', name);
    await there.fill('passphrase', passphrase);
    await there.press('Sign in');
  };

  it('has everybody make a passkey before anything else opens', async () => {
    const screen = new Screen(await office.newPage());
    await withFinger(screen);
    await screen.open(`${url}/accounts`);
    await screen.says('Without one so far: Jory, Morwenna.');
    await screen.press('Make one on this device');
    const again = async (): Promise<void> => {
      await screen.fill('passphrase', PASSPHRASE);
      await screen.press('Go on', '.modal');
    };
    if (
      await screen.page.waitForSelector('.passkeys, .modal').then((one) => one?.evaluate((it) => it.matches('.modal')))
    )
      await again();
    await screen.says(HOST, '.passkeys');
    await screen.press(DEMAND);
    await screen.until(
      (words) =>
        [...document.querySelectorAll<HTMLInputElement>('.yes input')].some(
          ({ checked, labels }) => checked && labels?.[0]?.textContent === words,
        ),
      {},
      DEMAND,
    );
    await accessible(screen);

    const there = new Screen(await phone.newPage());
    await withFinger(there);
    await there.open(`${url}/catalogue`);
    await there.says('A passkey first', 'h2');
    expect(new URL(there.page.url()).pathname).toBe('/accounts');
    await accessible(there);
    // What waits in this browser is had as a file all the same
    await there.open(`${url}/outbox`);
    await there.says('Outbox', 'h1');
    await there.page.evaluate(() => fetch('/api/v1/session', { method: 'DELETE' }));
    // Its passphrase is enough to make one, and for nothing else
    await enter(there, 'Jory', OTHER);
    await there.says('A passkey first', 'h2');
    await there.press('Make one on this device');
    await there.says('Board', 'h1');
    await there.page.evaluate(() => fetch('/api/v1/session', { method: 'DELETE' }));
    await enter(there, 'Jory', OTHER);
    await there.says('This firm lets nobody in by a passphrase alone');
    await there.press('Sign in with a passkey');
    await there.says('Board', 'h1');

    // Whoever has lost both is let in by a code from the machine itself, with a new passphrase and no passkey
    const made = spawnSync(process.execPath, ['scripts/tool.mjs', 'code', 'jory'], {
      cwd: process.env.FOX_LADDER_BUILT,
      encoding: 'utf8',
      env: { ...process.env, FOX_LADDER_DATA: server.folder },
    });
    const [, code = made.stderr] = /two days: (\S+)/.exec(made.stdout) ?? [];
    await there.page.evaluate(() => fetch('/api/v1/session', { method: 'DELETE' }));
    await there.open(`${url}/sign-in`);
    await there.page.select('select[aria-label="how you sign in"]', 'account');
    await there.type('code', code);
    await there.fill('passphrase', PASSPHRASE);
    await there.fill('again', PASSPHRASE);
    await there.press('Keep it and sign in');
    await there.until(async () => {
      const { account } = (await (await fetch('/api/v1/session')).json()) as { account: { name: string } | null };
      return account?.name === 'Jory' && (await fetch('/api/v1/jobs')).status === 401;
    });
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await screen.press(DEMAND);
    await screen.until(
      (words) =>
        [...document.querySelectorAll<HTMLInputElement>('.yes input')].some(
          ({ checked, labels }) => !checked && labels?.[0]?.textContent === words,
        ),
      {},
      DEMAND,
    );
    await there.open(`${url}/`);
    await there.says('Board', 'h1');
    await there.page.close();
    await screen.page.close();
  });
});

/** A customer has no account, and no program: a link. */
describe('a link for a customer', () => {
  it('opens their page and the photos of the job, nothing else, until it is withdrawn', async () => {
    const screen = new Screen(await office.newPage());
    await screen.open(`${url}/?q=oyster`);
    const id = await screen.page.$eval(
      '.point',
      (one) => /jobs\/([0-9a-f-]+)/.exec(one.getAttribute('href') ?? '')?.[1],
    );
    await screen.open(`${url}/jobs/${id ?? ''}/sheet`);
    await screen.press('Share');
    await screen.says('No link was made for this job.');
    await screen.press('Make a link');
    const address = (await screen.text('[data-testid=new-link] code')).trim();
    expect(address).toMatch(new RegExp(`^https://${HOST}:\\d+/share/[\\w-]{32}$`));
    await screen.says('not yet', '.share-links td');
    await accessible(screen);
    const stranger = await phone.createBrowserContext();
    const there = new Screen(await stranger.newPage());
    await there.open(address);
    await there.says('Oyster Quay 5', '[data-testid=customer-page]');
    await there.says('To switch it off');
    // Neither the way into the program nor what is written about the trade
    const text = await there.text('body');
    for (const other of ['Board', 'Catalogue', 'Job sheet', 'entries']) expect(text).not.toContain(other);
    const html = await there.page.content();
    expect(html).not.toContain('readingTaken');
    await accessible(there);
    const statuses = await there.page.evaluate(
      (job) =>
        Promise.all(
          [`/api/v1/jobs/${job}`, `/api/v1/jobs/${job}/entries`, `/jobs/${job}`, '/api/v1/jobs', '/'].map(
            async (to) => {
              const answer = await fetch(to);
              return answer.redirected ? new URL(answer.url).pathname : answer.status;
            },
          ),
        ),
      id ?? '',
    );
    expect(statuses).toEqual([401, 401, '/sign-in', 401, '/sign-in']);
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await screen.press('Share');
    await screen.says('1 ×', '.share-links td');
    await screen.press('Withdraw', '.share-links');
    await screen.says('withdrawn', '.share-links td');
    const gone = await there.page.reload();
    expect(gone?.status()).toBe(404);
    expect(await there.text('body')).not.toContain('Oyster');
    await screen.open(`${url}/accounts`);
    for (const what of ['link for a customer made', 'link opened', 'link withdrawn']) await screen.says(what, '.done');
    await stranger.close();
    await screen.page.close();
  });
});

/** A phone that nobody brings back. */
describe('a device that was away for too long', () => {
  it('shows nothing of the firm until somebody signs in again', async () => {
    const there = new Screen(await phone.newPage(), true);
    await there.open(`${url}/`);
    await there.says('Tern Cottage');
    // The program lies whole in this browser, pages and logs
    await there.until(async () => {
      const pages = await (await caches.open('fox-ladder-pages')).keys();
      return navigator.serviceWorker.controller !== null && pages.length > 3;
    });
    const asLongAgo = (days: number) =>
      there.page.evaluate(async (ago) => {
        const kept = await caches.open('fox-ladder-reached');
        const at = await kept.match('/reached');
        if (!at) throw new Error('it was never reached');
        const { days: good } = (await at.json()) as { days: number };
        await kept.put('/reached', Response.json({ at: Date.now() - ago * 86_400_000, days: good }));
        return good;
      }, days);
    expect(await asLongAgo(13)).toBe(14);
    await server.stop();
    await there.page.reload();
    await there.says('Tern Cottage');
    await asLongAgo(15);
    await there.page.reload();
    await there.says('has not reached the firm for more than 14 days');
    expect(await there.page.evaluate(() => caches.has('fox-ladder-pages'))).toBe(false);
    const logs = await there.page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const open = indexedDB.open('fox-ladder');
          open.onsuccess = () => {
            const count = open.result.transaction('logs').objectStore('logs').count();
            count.onsuccess = () => resolve(count.result);
          };
        }),
    );
    expect(logs).toBe(0);
    await there.page.close();
  });
});
