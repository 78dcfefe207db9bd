// The built application on the demo firm, in a folder and on a port of its own: for pictures and for measuring.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort } from './serve.mjs';
import { ensureBuild, ensureDependencies, ensureNode, root, runTool } from './setup.mjs';

/** Runs `work(url)` on it and takes it away again. */
export async function onDemoServer(work) {
  ensureNode();
  ensureDependencies();
  await ensureBuild();
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-'));
  await runTool('demoData', [], { FOX_LADDER_DATA: folder });
  const port = await freePort();
  const server = spawn(process.execPath, ['scripts/listen.mjs', String(port)], {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NODE_ENV: 'production', FOX_LADDER_DATA: folder },
  });
  const url = `http://127.0.0.1:${port}`;
  try {
    const up = () =>
      fetch(`${url}/api/v1/crew`).then(
        ({ ok }) => ok,
        () => false,
      );
    while (server.exitCode === null && !(await up())) await new Promise((resolve) => setTimeout(resolve, 100));
    if (server.exitCode !== null) throw new Error('The server did not start.');
    await work(url);
  } finally {
    server.kill('SIGKILL');
    rmSync(folder, { recursive: true, force: true });
  }
}
