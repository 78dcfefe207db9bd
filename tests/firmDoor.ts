import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Account } from '@/contract/accounts';
import type { PasskeyView } from '@/contract/passkeys';
import type { Share } from '@/contract/share';
import * as claimRoute from '@/app/api/v1/session/account/route';
import * as sessionRoute from '@/app/api/v1/session/route';
import { FROM_HEADER } from '@/server/accounts/from';
import { makeCode } from '@/server/accounts/codes';
import { broughtUp } from '@/server/projection/soon';
import { store } from '@/server/store';

// The door of a firm whose program answers to more than its own machine, asked as browsers on other machines do.

export const HOST = 'firm.local';
export const PASSPHRASE = 'seven slow herons wade';
/** What routes answer, as far as it is asked for here. */
interface Body {
  readonly account?: Account | null;
  readonly code?: unknown;
  readonly crew?: readonly { readonly id: string; readonly licensed: boolean }[];
  readonly sessions?: readonly { readonly id: string; readonly accountId: string; readonly isThis: boolean }[];
  readonly lines?: readonly { readonly what: string; readonly by: string; readonly detail: string }[];
  readonly errors?: readonly { readonly path: string }[];
  readonly share?: Share;
  readonly shares?: readonly Share[];
  readonly address?: string;
  readonly detail?: string;
  readonly options?: { readonly challenge: string };
  readonly passkeys?: readonly PasskeyView[];
}
export interface Answered {
  readonly status: number;
  readonly body: Body;
  readonly cookie: string;
}
/** The code that came with a made account. */
export const codeIn = ({ body }: Answered): string => (body.code as { readonly code: string }).code;
export type Route = (
  request: Request,
  context: { params: Promise<Readonly<Record<string, string>>> },
) => Promise<Response>;

let address = 0;
/** Asks a route as a browser on another machine does. */
export async function ask(
  handler: Route,
  where: string,
  {
    method = 'GET',
    body,
    cookie = '',
    from = `10.0.0.${++address}`,
    id = '',
    more = {},
    host = HOST,
    origin = `https://${host}`,
  } = {} as {
    method?: string;
    body?: unknown;
    cookie?: string;
    from?: string;
    id?: string;
    more?: Readonly<Record<string, string>>;
    host?: string;
    origin?: string;
  },
): Promise<Answered> {
  const headers: Record<string, string> = { host, origin, [FROM_HEADER]: from };
  if (cookie) headers.cookie = cookie;
  const init = { method, headers, ...(body === undefined ? {} : { body: JSON.stringify(body) }) };
  const response = await handler(new Request(`https://${host}/api/v1${where}`, init), {
    params: Promise.resolve<Readonly<Record<string, string>>>({ ...(id === '' ? {} : { id }), ...more }),
  });
  const cookies = response.headers.getSetCookie().map((one) => one.split(';', 1)[0]);
  return { status: response.status, body: (await response.json()) as Body, cookie: cookies.join('; ') };
}
export const post = (handler: Route, where: string, body: unknown, more = {}) =>
  ask(handler, where, { method: 'POST', body, ...more });
export const signIn = (name: string, passphrase = PASSPHRASE, more = {}) =>
  post(sessionRoute.POST, '/session', { name, passphrase }, more);
export const asWhom = async (cookie: string): Promise<Account | null> =>
  (await ask(sessionRoute.GET, '/session', { cookie })).body.account ?? null;

/** Opens the door of a firm that has one account, of its office. */
export async function openFirm(): Promise<{ readonly office: string; readonly close: () => Promise<void> }> {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-accounts-'));
  process.env.FOX_LADDER_DATA = folder;
  process.env.FOX_LADDER_HOSTS = HOST;
  const { code } = await makeCode(await store(), 'first', null);
  const { cookie } = await post(claimRoute.POST, '/session/account', {
    code,
    passphrase: PASSPHRASE,
    name: 'Morwenna',
  });
  const close = async (): Promise<void> => {
    const { db } = await store();
    await broughtUp(db);
    await db.destroy();
    rmSync(folder, { recursive: true, force: true });
  };
  return { office: cookie, close };
}
