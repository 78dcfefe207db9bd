import type { NewEntry } from '@/core/kinds';
import { Away, Failed, MOST_AT_ONCE, Refused } from './api';
import { correction, learnTime } from './clock';
import { dropWaiting, keepWaiting, onWaiting, setAside, waitingFor, type Waiting } from './shelf';

/** How sending stands: nothing to do, under way, nobody reached, or a fault of the server. */
export type Sending = 'still' | 'sending' | 'away' | 'failed';

/** What a job’s outbox holds, as it is shown. */
export interface OutboxView {
  /** What waits, in its order; a refused entry stays where it is. */
  readonly waiting: readonly Waiting[];
  readonly sending: Sending;
  /** Entries that the server failed at by themselves, while others passed. */
  readonly poison: ReadonlySet<string>;
  /** This browser can’t keep what is written: why, in its own words. */
  readonly shelfFault: string | null;
  /** Ids of what was written on this screen. */
  readonly writtenHere: ReadonlySet<string>;
}

/** Sends entries. @returns the ids that came back with a number */
export type Post = (entries: readonly NewEntry[]) => Promise<readonly string[]>;

/** Waits between tries, ms; then the last one again and again. */
const BACK_OFF_MS = [1000, 2000, 5000, 10_000] as const;
const LAST_BACK_OFF_MS = 30_000;
/** After so many faults in a row what waits is sent one by one. */
const SINGLY_AFTER = 2;

const dated = (entry: NewEntry, ms: number): NewEntry => ({
  ...entry,
  at: new Date(Date.parse(entry.at) + ms).toISOString(),
});

/**
 * What was written in a job and waits for the server. It stands in memory and on the browser’s shelf; sending needs the
 * first alone. An entry leaves only when its own id came back with a number.
 */
export class Outbox {
  private readonly waits = new Map<string, Waiting>();
  /** Acknowledged, dropped or set aside here: a shelf that still has them is behind. */
  private readonly gone = new Set<string>();
  private readonly onShelf = new Set<string>();
  private readonly poison = new Set<string>();
  private readonly writtenHere = new Set<string>();
  private readonly listeners = new Set<() => void>();
  private sending: Sending = 'still';
  private shelfFault: string | null = null;
  private running = false;
  private faults = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private unwatch: (() => void) | undefined;
  private view: OutboxView | null = null;

  /**
   * @param readOn reads the log anew: what another tab has sent stands in it before it stops waiting here, so that nothing
   *   that stands goes for a moment
   */
  constructor(
    private readonly jobId: string,
    private readonly post: Post,
    private readonly readOn: () => Promise<unknown> = () => Promise.resolve(),
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => void this.listeners.delete(listener);
  };

  readonly snapshot = (): OutboxView =>
    (this.view ??= {
      waiting: [...this.waits.values()].toSorted((a, b) => a.place - b.place),
      sending: this.sending,
      poison: new Set(this.poison),
      shelfFault: this.shelfFault,
      writtenHere: new Set(this.writtenHere),
    });

  private changed(): void {
    this.view = null;
    for (const listener of this.listeners) listener();
  }

  /** Takes what an earlier visit, or another tab, has left, and sends it. @returns how to stop */
  start(): () => void {
    this.unwatch = onWaiting(this.jobId, () => void this.load());
    return () => {
      this.unwatch?.();
      clearTimeout(this.timer);
    };
  }

  private async load(): Promise<void> {
    try {
      const kept = await waitingFor(this.jobId);
      const ids = new Set(kept.map(({ entry }) => entry.id));
      const fresh = kept.filter(({ entry }) => !this.waits.has(entry.id) && !this.gone.has(entry.id));
      for (const waiting of fresh) this.waits.set(waiting.entry.id, waiting);
      // What another tab has sent, or let go, is gone from the shelf
      const left = [...this.onShelf].filter((id) => !ids.has(id) && this.waits.has(id));
      // Where nobody answers there is nothing to wait for
      if (left.length > 0) await this.readOn().catch(() => undefined);
      for (const id of left) this.waits.delete(id);
      this.onShelf.clear();
      for (const id of ids) this.onShelf.add(id);
      this.changed();
      // What waits already has its own time to be tried again
      if (fresh.length > 0) void this.send();
    } catch (error) {
      this.shelfFailed(error);
    }
  }

  private shelfFailed(error: unknown): void {
    this.shelfFault = error instanceof Error ? error.name : String(error);
    this.changed();
  }

  /** @returns when the shelf has it, or could not take it */
  private keep(waiting: Waiting): Promise<void> {
    this.waits.set(waiting.entry.id, waiting);
    return keepWaiting(this.jobId, waiting).then(
      () => {
        this.onShelf.add(waiting.entry.id);
        // Sent before it was put away
        if (this.gone.has(waiting.entry.id)) void this.leave([waiting.entry.id]);
      },
      (error: unknown) => this.shelfFailed(error),
    );
  }

  private async leave(ids: readonly string[]): Promise<void> {
    for (const id of ids) {
      this.gone.add(id);
      this.waits.delete(id);
      this.poison.delete(id);
    }
    this.changed();
    try {
      await dropWaiting(this.jobId, ids);
      for (const id of ids) this.onShelf.delete(id);
    } catch (error) {
      this.shelfFailed(error);
    }
  }

  /** Takes what was written: it stands at once, and is sent. @param corrected the clock’s correction when it was dated */
  add(entry: NewEntry, corrected = correction()): void {
    void this.addAll([entry], corrected);
  }

  /** {@link add} of several. @returns when the shelf has them, or could not take them */
  async addAll(entries: readonly NewEntry[], corrected: number): Promise<void> {
    const last = Math.max(0, ...[...this.waits.values()].map(({ place }) => place));
    const first = Math.max(Date.now(), last + 1);
    const kept = entries.map((entry, i) => {
      this.writtenHere.add(entry.id);
      return this.keep({ entry, place: first + i, corrected });
    });
    this.changed();
    void this.send();
    await Promise.all(kept);
  }

  /** Tries again at once, refused ones too. */
  retry(): void {
    for (const { refused, ...waiting } of this.waits.values()) if (refused !== undefined) void this.keep(waiting);
    this.poison.clear();
    this.faults = 0;
    this.changed();
    void this.send();
  }

  /** Lets an entry go for good. */
  drop(id: string): Promise<void> {
    return this.leave([id]);
  }

  /** Takes an entry out of the way of the others, and keeps it. */
  async setAside(id: string): Promise<void> {
    const waiting = this.waits.get(id);
    if (!waiting) return;
    await setAside(this.jobId, waiting).catch((error: unknown) => this.shelfFailed(error));
    await this.leave([id]);
  }

  private next(): readonly NewEntry[] {
    return this.snapshot()
      .waiting.filter(({ entry, refused }) => refused === undefined && !this.poison.has(entry.id))
      .slice(0, MOST_AT_ONCE)
      .map(({ entry }) => entry);
  }

  private set(sending: Sending): void {
    if (this.sending === sending) return;
    this.sending = sending;
    this.changed();
  }

  /** @param again also what failed by itself before */
  private async send(again = false): Promise<void> {
    if (this.running) return;
    this.running = true;
    clearTimeout(this.timer);
    try {
      for (let batch = this.next(); batch.length > 0; batch = this.next()) {
        if (this.faults === 0) this.set('sending');
        if (!(await this.sendAll(batch))) return this.later(BACK_OFF_MS[this.faults - 1] ?? LAST_BACK_OFF_MS);
        this.faults = 0;
      }
      if (again) await this.sendSingly([...this.poison].flatMap((id) => this.waits.get(id)?.entry ?? []));
      this.set(this.poison.size > 0 ? 'failed' : 'still');
      if (this.poison.size > 0) this.later(LAST_BACK_OFF_MS);
    } finally {
      this.running = false;
    }
  }

  private later(ms: number): void {
    this.timer = setTimeout(() => void this.send(true), ms);
  }

  /** @returns whether to go on with what waits */
  private async sendAll(batch: readonly NewEntry[]): Promise<boolean> {
    try {
      // After some faults in a row one entry may be what it is all about
      if (this.faults >= SINGLY_AFTER && batch.length > 1) await this.sendSingly(batch);
      else await this.sendOnce(batch);
      return true;
    } catch (error) {
      if (error instanceof Refused) return this.refused(batch, error);
      this.faults++;
      this.set(error instanceof Failed ? 'failed' : 'away');
      return false;
    }
  }

  private async sendOnce(batch: readonly NewEntry[]): Promise<void> {
    const ids = await this.post(batch);
    const taken = batch.flatMap(({ id }) => (ids.includes(id) ? [id] : []));
    if (taken.length > 0) await this.leave(taken);
    // Whoever answered without their numbers has not kept them
    if (taken.length < batch.length) throw new Away();
  }

  /** What fails by itself while others pass is left behind, for later. @throws where nobody is there, or all fail alike */
  private async sendSingly(batch: readonly NewEntry[]): Promise<void> {
    const failed: { readonly id: string; readonly error: unknown }[] = [];
    for (const entry of batch)
      try {
        await this.sendOnce([entry]);
      } catch (error) {
        if (error instanceof Refused) await this.refused([entry], error);
        else if (error instanceof Away && !error.answered) throw error;
        else failed.push({ id: entry.id, error });
      }
    const isNew = failed.some(({ id }) => !this.poison.has(id));
    if (isNew && failed.length === batch.length) throw failed[0]?.error;
    for (const { id } of failed) this.poison.add(id);
    this.changed();
  }

  private async refused(batch: readonly NewEntry[], { problem }: Refused): Promise<boolean> {
    if (problem.serverTime !== undefined && this.dateAnew(batch, problem.serverTime)) return true;
    const [only] = batch;
    if (batch.length > 1) {
      await this.sendSingly(batch);
      return true;
    }
    const waiting = only && this.waits.get(only.id);
    if (waiting) void this.keep({ ...waiting, refused: problem.errors[0]?.message ?? problem.detail });
    this.changed();
    return true;
  }

  /** Dates by the server’s clock what was dated by a wrong one. @returns whether anything was */
  private dateAnew(batch: readonly NewEntry[], serverTime: string): boolean {
    learnTime(serverTime);
    const now = correction();
    const wrong = batch.flatMap(({ id }) => this.waits.get(id) ?? []).filter(({ corrected }) => corrected !== now);
    for (const waiting of wrong)
      void this.keep({ ...waiting, entry: dated(waiting.entry, now - waiting.corrected), corrected: now });
    this.changed();
    return wrong.length > 0;
  }
}
