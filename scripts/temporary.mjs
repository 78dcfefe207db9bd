// The built application on the demo firm, in a folder and on a port of its own: for pictures, tests and measuring.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from './serve.mjs';
import { ensureBuild, ensureDependencies, ensureNode, root, runTool } from './setup.mjs';

/**
 * Starts what is built in `built` on a data folder, and waits until it answers.
 * @returns its process, its address, and what it says in the window where it was started
 */
async function serveFrom(built, folder, environment = {}) {
  const port = await freePort();
  const server = spawn(process.execPath, ['scripts/listen.mjs', String(port)], {
    cwd: built,
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, NODE_OPTIONS: '', NODE_ENV: 'production', FOX_LADDER_DATA: folder, ...environment },
  });
  let words = '';
  server.stderr.on('data', (text) => {
    words += String(text);
    process.stderr.write(text);
  });
  const url = `http://127.0.0.1:${port}`;
  const up = () =>
    fetch(`${url}/api/v1/crew`).then(
      ({ ok, status }) => ok || status === 401,
      () => false,
    );
  while (server.exitCode === null && !(await up())) await new Promise((resolve) => setTimeout(resolve, 100));
  if (server.exitCode !== null) throw new Error('The server did not start.');
  return { server, url, said: () => words };
}

/** Runs `work(url, said, pid)` on it and takes it away again. @param environment what it is started with beside the usual */
export async function onDemoServer(work, environment = {}) {
  ensureNode();
  ensureDependencies();
  await ensureBuild();
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-'));
  await runTool('demoData', [], { FOX_LADDER_DATA: folder });
  const { server, url, said } = await serveFrom(root, folder, environment);
  try {
    await work(url, said, server.pid);
  } finally {
    server.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * A data folder with the demo firm in it, that a server has been through: to be copied by whoever wants one of its own,
 * at a fraction of what making it costs.
 * @param built where the program is built
 */
export async function filledFolder(built) {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-filled-'));
  await runTool('demoData', [], { FOX_LADDER_DATA: folder });
  const { server } = await serveFrom(built, folder);
  const ended = once(server, 'exit');
  server.kill('SIGTERM');
  await ended;
  return folder;
}
