import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });

/** The built application on a data folder of its own. */
export class Server {
  readonly folder = mkdtempSync(path.join(tmpdir(), 'fox-ladder-e2e-'));
  url = '';
  /** What it said in the window where it was started. */
  said = '';
  private process: ChildProcess | undefined;

  /**
   * @param environment what it is started with beside the usual
   * @param within what is run first, on a disk that fails: a line of the shell, with the folder as `$1`
   */
  constructor(
    private readonly environment: Readonly<Record<string, string>> = {},
    public within: string | null = null,
  ) {}

  /** @param at the port, where one is asked for; else a free one */
  async start(at?: string): Promise<void> {
    const port = at ?? (await freePort());
    this.url = `http://127.0.0.1:${port}`;
    const program = [process.execPath, 'scripts/listen.mjs', String(port)];
    const [file = '', ...args] =
      this.within === null
        ? program
        : ['bash', '-c', `${this.within}; shift; exec "$@"`, 'bash', this.folder, ...program];
    this.process = spawn(file, args, {
      cwd: process.env.FOX_LADDER_BUILT,
      stdio: ['ignore', 'ignore', 'pipe'],
      env: {
        ...process.env,
        NODE_OPTIONS: '',
        NODE_ENV: 'production',
        FOX_LADDER_DATA: this.folder,
        ...this.environment,
      },
    });
    this.process.stderr?.on('data', (text: Buffer) => {
      this.said += String(text);
      process.stderr.write(text);
    });
    for (let tries = 0; tries < 300; tries++) {
      const up = await fetch(`${this.url}/api/v1/crew`).then(
        ({ ok, status }) => ok || status === 401,
        () => false,
      );
      if (up) return;
      if (this.process.exitCode !== null) throw new Error(`the server ended: ${this.said}`);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error('the server did not answer');
  }

  /** Fills the folder with the demo firm, before the start: a copy of the one that was made for all. */
  fill(): void {
    cpSync(String(process.env.FOX_LADDER_FILLED), this.folder, { recursive: true });
  }

  async stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const server = this.process;
    if (!server || server.exitCode !== null || server.signalCode !== null) return;
    const ended = new Promise((resolve) => server.once('exit', resolve));
    server.kill(signal);
    // A browser may hold a connection open for half a minute
    const impatient = setTimeout(() => server.kill('SIGKILL'), 3000);
    await ended;
    clearTimeout(impatient);
  }

  clear(): void {
    rmSync(this.folder, { recursive: true, force: true });
  }
}
