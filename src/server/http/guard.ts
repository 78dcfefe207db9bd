import { ProblemError } from '@/contract/problem';

const LOCAL = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** Further host names that the program answers to, from FOX_LADDER_HOSTS, with commas. */
const furtherHosts = (): readonly string[] =>
  (process.env.FOX_LADDER_HOSTS ?? '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '');

/** Whether the program answers to more than its own machine. */
export const hasFurtherHosts = (): boolean => furtherHosts().length > 0;

const allowed = (hostname: string): boolean => LOCAL.has(hostname) || furtherHosts().includes(hostname);

/** Whether a Host header names this server; another name may be a page that points at it from outside. */
export const isOwnHost = (host: string): boolean => allowed(host.replace(/:\d+$/, '').toLowerCase());

/** Whether a Host header names this machine itself: there alone the program is reached without TLS. */
export const isThisMachine = (host: string): boolean => LOCAL.has(host.replace(/:\d+$/, '').toLowerCase());

/**
 * Lets a request through that is meant for this server and, where it writes, comes from one of its own pages.
 * @throws ProblemError 403
 */
export function guard(request: Request): void {
  const host = request.headers.get('host') ?? '';
  if (!isOwnHost(host))
    throw new ProblemError(403, 'This server is not known by that name.', [
      { path: 'Host', message: 'is not allowed' },
    ]);
  if (request.method === 'GET' || request.method === 'HEAD') return;
  const origin = request.headers.get('origin');
  if (origin === null) return;
  if (!URL.canParse(origin) || new URL(origin).host !== host)
    throw new ProblemError(403, 'Writes are taken from this program’s own pages only.', [
      { path: 'Origin', message: 'is not this server' },
    ]);
}
