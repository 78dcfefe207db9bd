import { NextResponse, type NextRequest } from 'next/server';
import { signsIn, whoAsks } from '@/server/accounts/admit';
import { isBeforePasskey, isOpen } from '@/server/accounts/may';
import { lacksPasskey } from '@/server/accounts/passkeyFirst';
import { AWAY_DAYS_HEADER } from '@/contract/keptHere';
import { isOwnHost } from '@/server/http/guard';
import { readSettings } from '@/server/settings';
import { store } from '@/server/store';

/** What a page may load: itself, by a fresh nonce that Next puts on its own scripts as it reads this header. */
const policy = (nonce: string, development: boolean): string =>
  [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ''}`,
    development ? "style-src 'self' 'unsafe-inline'" : `style-src-elem 'self' 'nonce-${nonce}'`,
    // Style attributes alone: the drawer and the dialogs set their place by them
    "style-src-attr 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

/** Stands before every page, not before the open interface: that guards itself and takes large bodies. */
export async function proxy(request: NextRequest) {
  if (!isOwnHost(request.headers.get('host') ?? ''))
    return new NextResponse('This server is not known by that name.', { status: 403 });
  const { pathname, search } = request.nextUrl;
  const asking = signsIn() ? await whoAsks(request.headers) : null;
  if (signsIn() && !isOpen(pathname) && !asking) {
    const to = request.nextUrl.clone();
    to.pathname = '/sign-in';
    to.search = pathname === '/' ? '' : `?${new URLSearchParams({ to: `${pathname}${search}` }).toString()}`;
    return NextResponse.redirect(to, { status: 303 });
  }
  if (asking && !isOpen(pathname) && !isBeforePasskey(pathname) && (await lacksPasskey(await store(), asking)))
    return NextResponse.redirect(new URL('/accounts', request.nextUrl), { status: 303 });
  const nonce = Buffer.from(crypto.randomUUID()).toString('base64');
  const csp = policy(nonce, process.env.NODE_ENV !== 'production');
  const headers = new Headers(request.headers);
  headers.set('x-nonce', nonce);
  headers.set('content-security-policy', csp);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set('content-security-policy', csp);
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('cross-origin-opener-policy', 'same-origin');
  if (asking) response.headers.set(AWAY_DAYS_HEADER, String((await readSettings((await store()).db)).awayDays));
  return response;
}

export const config = { matcher: [{ source: '/((?!api/|_next/static|_next/image|icon.svg).*)' }] };
