import { appendFile, mkdir, rename, stat } from 'node:fs/promises';
import path from 'node:path';

/** One line of the log; nothing of a customer or of what was written is in it. */
export interface LogLine {
  readonly level: 'info' | 'error';
  /** What happened. */
  readonly what: string;
  /** Of the request, as its answer carries it. */
  readonly id?: string;
  readonly method?: string;
  /** The address without what was asked of it. */
  readonly path?: string;
  /** Id of the job that it was about. */
  readonly job?: string;
  readonly status?: number;
  readonly ms?: number;
  /** Of a fault: its name, its message, where it came from. */
  readonly fault?: string;
}

const LARGEST_BYTES = 2 * 1024 * 1024;
const KEPT = 5;
/** Lines are gathered for a moment: a log must not slow what it tells of. */
const GATHER_MS = 250;

/** A log of lines of JSON in a folder: `fox-ladder.log`, and the older ones numbered beside it. */
export class Log {
  private waiting: string[] = [];
  private timer: ReturnType<typeof setTimeout> | undefined;
  private last: Promise<void> = Promise.resolve();

  constructor(private readonly folder: string) {}

  private place(n: number): string {
    return path.join(/*turbopackIgnore: true*/ this.folder, n === 0 ? 'fox-ladder.log' : `fox-ladder.${n}.log`);
  }

  write(line: LogLine): void {
    this.waiting.push(JSON.stringify({ at: new Date().toISOString(), ...line }));
    this.timer ??= setTimeout(() => void this.flush(), GATHER_MS);
    this.timer.unref();
  }

  /** Writes what waits. */
  flush(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = undefined;
    const lines = this.waiting.splice(0);
    if (lines.length > 0) this.last = this.last.then(() => this.put(`${lines.join('\n')}\n`)).catch(() => undefined);
    return this.last;
  }

  private async put(text: string): Promise<void> {
    await mkdir(this.folder, { recursive: true });
    const size = await stat(this.place(0)).then(
      ({ size: bytes }) => bytes,
      () => 0,
    );
    if (size > LARGEST_BYTES)
      for (let n = KEPT - 1; n >= 0; n--) await rename(this.place(n), this.place(n + 1)).catch(() => undefined);
    await appendFile(this.place(0), text, { mode: 0o600 });
  }
}
