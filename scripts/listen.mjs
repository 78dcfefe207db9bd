// The server's process: Next behind a door of our own. The door answers from the first moment, while the data are still
// brought to a newer form, and refuses what no route can read. A second, secure one is opened to other machines where a
// certificate was asked for; the plain one stays this machine's.
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import next from 'next';
import { root } from './setup.mjs';
import { tlsOf } from './tls.mjs';

const HOST = '127.0.0.1';
const port = Number(process.argv[2]);
/** Where the secure door is opened, and to whom. */
const SECURE = {
  host: process.env.FOX_LADDER_LISTEN ?? '0.0.0.0',
  port: Number(process.env.FOX_LADDER_TLS_PORT ?? 4343),
};
/** A browser that was here once comes by the secure door only, for so many seconds. */
const STRICT_S = 365 * 24 * 3600;
/** As `server/accounts/from`: it is written over whatever was sent. */
const FROM_HEADER = 'x-fox-ladder-from';
/** An open page holds its line of news; whoever stops does not wait for it for ever. */
const PATIENCE_MS = 2000;

/** A refusal as every route tells one (RFC 9457). */
function refuse(response, status, title, detail, headers = {}) {
  response.writeHead(status, { 'content-type': 'application/problem+json', 'cache-control': 'no-store', ...headers });
  response.end(JSON.stringify({ type: 'about:blank', title, status, detail, errors: [{ path: '', message: detail }] }));
}

/** Shown until the program is ready; the page asks again by itself. */
const WAIT = `<!doctype html><html lang="en"><meta charset="utf-8"><title>Fox Ladder</title>
<body><p>Fox Ladder is starting. If its data are brought to a newer form this takes a while; nothing is lost.</p></body></html>`;

function askLater(request, response) {
  if ((request.url ?? '').startsWith('/api/') || request.url === '/healthz')
    return refuse(response, 503, 'Not just now', 'The program is starting, or brings its data to a newer form.', {
      'retry-after': '1',
    });
  response.writeHead(503, { 'content-type': 'text/html; charset=utf-8', 'retry-after': '1', refresh: '1' });
  response.end(WAIT);
}

/** Whether every part of an address can be read: escapes that are cut off, or are no UTF-8, can’t. */
function isReadable(url) {
  try {
    decodeURIComponent(url.split('?', 1)[0] ?? '');
    return true;
  } catch {
    return false;
  }
}

/** The address that a request came from; a proxy on this machine that was named as one is believed the last that it adds. */
function fromOf({ socket, headers }) {
  const near = socket.remoteAddress ?? '';
  if (process.env.FOX_LADDER_PROXY !== '1' || !/^(::ffff:)?127\.|^::1$/.test(near)) return near;
  return String(headers['x-forwarded-for'] ?? near)
    .split(',')
    .at(-1)
    .trim();
}

let handle = askLater;
function answer(request, response) {
  if (!isReadable(request.url ?? ''))
    return refuse(response, 400, 'The request was not understood', 'The address has an escape that can’t be read.');
  request.headers[FROM_HEADER] = fromOf(request);
  void handle(request, response);
}
const server = createServer(answer);
const tls = await tlsOf(process.env, process.env.FOX_LADDER_DATA ?? './data').catch((error) => {
  console.error(error.message);
  process.exit(1);
});
const secure =
  tls &&
  createSecureServer({ ...tls, minVersion: 'TLSv1.2' }, (request, response) => {
    response.setHeader('strict-transport-security', `max-age=${STRICT_S}`);
    answer(request, response);
  });
// Shown on the page where one signs in, and here: whoever compares them knows that nobody stands between
if (tls) process.env.FOX_LADDER_FINGERPRINT = tls.fingerprint;
/** What the program wants to be waited for (`src/server/shared`). */
const beforeTheEnd = () => globalThis[Symbol.for('fox-ladder')]?.get('before the end') ?? [];
// A stop lets what is under way end
for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, async () => {
    setTimeout(() => process.exit(0), PATIENCE_MS).unref();
    const closed = [server, secure].map((one) => one && new Promise((resolve) => one.close(resolve)));
    for (const one of [server, secure]) one?.closeIdleConnections();
    await Promise.all(closed);
    await Promise.allSettled(beforeTheEnd().map((end) => end()));
    process.exit(0);
  });
for (const [one, at] of [
  [server, port],
  [secure, SECURE.port],
])
  one?.on('error', (error) => {
    console.error(`Port ${at} can’t be listened on: ${error.message}`);
    process.exit(1);
  });
/** Entries of a job that is not there: read and checked as any, and refused. */
const REHEARSED = JSON.stringify({
  entries: Array.from({ length: 200 }, (_, i) => ({
    id: `00000000-0000-7000-8000-${String(i).padStart(12, '0')}`,
    at: '2026-01-01T00:00:00Z',
    by: { id: 'rehearsal', name: 'Rehearsal' },
    kind: 'noteWritten',
    data: { text: 'rehearsal' },
  })),
});

/**
 * Asks the program for what it will be asked most, before the door opens: whoever comes first does not wait until code is
 * loaded and compiled, and nobody waits behind them. A rehearsal that fails is nothing lost.
 */
async function rehearse(answerer) {
  const stage = createServer((request, response) => void answerer(request, response));
  await new Promise((resolve) => stage.listen(0, HOST, resolve));
  const ask = async (path, init) => (await fetch(`http://${HOST}:${stage.address().port}${path}`, init)).text();
  try {
    // Where people sign in, nobody is let in for a rehearsal either
    await ask('/sign-in');
    if ((process.env.FOX_LADDER_HOSTS ?? '').trim() !== '') return;
    const { jobs } = JSON.parse(await ask('/api/v1/jobs?limit=1'));
    await ask('/api/v1/jobs/00000000-0000-7000-8000-000000000000/entries', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: REHEARSED,
    });
    await ask('/');
    for (const { id } of jobs) for (const page of ['', '/sheet']) await ask(`/jobs/${id}${page}`);
  } catch (error) {
    console.error(`The rehearsal failed: ${error instanceof Error ? error.message : String(error)}`);
  } finally {
    stage.closeAllConnections();
    stage.close();
  }
}

server.listen(port, HOST, async () => {
  const app = next({ dev: false, dir: root, hostname: HOST, port });
  await app.prepare();
  const answerer = app.getRequestHandler();
  await rehearse(answerer);
  handle = answerer;
});
secure?.listen(SECURE.port, SECURE.host, () =>
  console.error(`Secure, for other machines: port ${SECURE.port}. Fingerprint of its certificate: ${tls.fingerprint}`),
);
