// Starts the built application on 127.0.0.1 and stops it cleanly.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { root } from './setup.mjs';

const HOST = '127.0.0.1';
const PATIENCE_MS = 3000;

/** Whether nobody listens on a port. */
const isFree = (port) =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, HOST, () => probe.close(() => resolve(true)));
  });

/** A port that nobody listens on. */
export const freePort = () =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, HOST, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });

/** The port that was asked for; ends with a sentence where it is taken or no port at all. */
export async function wantedPort() {
  const text = process.env.PORT ?? '4310';
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    stop(`PORT is “${text}”: a port is a whole number from 1 to 65535.`);
  if (!(await isFree(port)))
    stop(`Port ${port} is taken by another program. Stop that one, or choose another: PORT=4311 npm run demo`);
  return port;
}

export function stop(sentence) {
  console.error(sentence);
  process.exit(1);
}

/** Runs until Ctrl-C. */
export async function serve(port, dataFolder) {
  const server = spawn(process.execPath, ['scripts/listen.mjs', String(port)], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    // Its own group: Ctrl-C reaches this process, which then ends the server once
    detached: true,
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', FOX_LADDER_DATA: dataFolder },
  });
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      if (stopping) return;
      stopping = true;
      server.kill('SIGTERM');
      // An open browser may hold a connection for half a minute; what was acknowledged is on the disk already
      setTimeout(() => server.kill('SIGKILL'), PATIENCE_MS).unref();
    });
  server.on('exit', (code) => {
    if (stopping) console.log('Stopped. Everything written is kept.');
    process.exit(stopping ? 0 : (code ?? 1));
  });
  const address = `http://${HOST}:${port}`;
  while (
    // Where people sign in nobody is told more than that
    !(await fetch(`${address}/api/v1/crew`).then(
      ({ ok, status }) => ok || status === 401,
      () => false,
    ))
  )
    await new Promise((resolve) => setTimeout(resolve, 100));
  console.log(`\nFox Ladder: ${address}   (data in ${dataFolder}; Ctrl-C stops it)`);
}
