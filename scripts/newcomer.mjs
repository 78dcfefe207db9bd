// The program as a newcomer gets it: a fresh clone with nothing installed or built, and the README’s command.
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { root } from './setup.mjs';
import { freePort } from './serve.mjs';

function git(cwd, ...args) {
  const { status, stdout, stderr } = spawnSync('git', args, { cwd, encoding: 'utf8' });
  if (status !== 0) throw new Error(`git ${args.join(' ')}: ${stderr}`);
  return stdout.trim();
}

/** A clone of what would be committed now. Files that git does not know yet are not in it. */
function cloneHere(folder) {
  git(root, 'clone', '--quiet', '--no-hardlinks', root, folder);
  // Nothing where the work tree is clean
  const changed = git(root, '-c', 'user.name=check', '-c', 'user.email=check@localhost', 'stash', 'create');
  if (!changed) return;
  git(folder, 'fetch', '--quiet', root, changed);
  git(folder, 'checkout', '--quiet', 'FETCH_HEAD');
}

/**
 * Clones, runs `npm run demo` there with no data folder named, and waits until it says its address.
 * @returns the clone, the address, all that was printed, and what takes it away again
 */
export async function asNewcomer() {
  const folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-newcomer-'));
  cloneHere(folder);
  const env = { ...process.env, PORT: String(await freePort()) };
  // A newcomer has set none of these
  for (const name of ['CI', 'FOX_LADDER_DATA', 'NODE_OPTIONS', 'NODE_ENV']) delete env[name];
  const demo = spawn('npm', ['run', 'demo'], {
    cwd: folder,
    stdio: ['ignore', 'pipe', 'pipe'],
    // Its own group: what is sent to it reaches npm and the demo alike
    detached: true,
    env,
  });
  let printed = '';
  const ended = new Promise((resolve) => demo.once('close', resolve));
  const clear = async () => {
    // As Ctrl-C does: the demo then ends its server
    if (demo.exitCode === null) process.kill(-demo.pid, 'SIGTERM');
    await ended;
    rmSync(folder, { recursive: true, force: true });
  };
  try {
    const url = await new Promise((resolve, reject) => {
      const read = (chunk) => {
        printed += chunk;
        const address = /Fox Ladder: (http:\S+)/.exec(printed);
        if (address) resolve(address[1]);
      };
      demo.stdout.on('data', read);
      demo.stderr.on('data', read);
      demo.on('exit', (code) => reject(new Error(`npm run demo ended with ${code}:\n${printed}`)));
    });
    return { folder, url, printed: () => printed, clear };
  } catch (error) {
    await clear();
    throw error;
  }
}
