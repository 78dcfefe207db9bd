// The server's process: Next behind a door of our own. The door answers from the first moment, while the data are still
// brought to a newer form, and refuses what no route can read.
import { createServer } from 'node:http';
import next from 'next';
import { root } from './setup.mjs';

const HOST = '127.0.0.1';
const port = Number(process.argv[2]);
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

let handle = askLater;
const server = createServer((request, response) => {
  if (!isReadable(request.url ?? ''))
    return refuse(response, 400, 'The request was not understood', 'The address has an escape that can’t be read.');
  void handle(request, response);
});
/** What the program wants to be waited for (`src/server/shared`). */
const beforeTheEnd = () => globalThis[Symbol.for('fox-ladder')]?.get('before the end') ?? [];
// A stop lets what is under way end
for (const signal of ['SIGTERM', 'SIGINT'])
  process.once(signal, async () => {
    setTimeout(() => process.exit(0), PATIENCE_MS).unref();
    const closed = new Promise((resolve) => server.close(resolve));
    server.closeIdleConnections();
    await closed;
    await Promise.allSettled(beforeTheEnd().map((end) => end()));
    process.exit(0);
  });
server.on('error', (error) => {
  console.error(`Port ${port} can’t be listened on: ${error.message}`);
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
  }
  stage.closeAllConnections();
  stage.close();
}

server.listen(port, HOST, async () => {
  const app = next({ dev: false, dir: root, hostname: HOST, port });
  await app.prepare();
  const answerer = app.getRequestHandler();
  await rehearse(answerer);
  handle = answerer;
});
