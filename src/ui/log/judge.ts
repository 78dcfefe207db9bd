import { wrap, type Remote } from 'comlink';
import { answer } from '@/contract/answers';
import { isAssessmentData } from '@/contract/judging';
import type { Catalogue } from '@/core/catalogue';
import type { JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { assessmentOf, type Assessment } from '@/core/points';
import type { JudgingWorker } from '@/workers/judging.worker';

/** A point of a log, with what is being typed. */
export interface Judged {
  readonly head: JobHead;
  readonly pointId: string;
  readonly entries: readonly Entry[];
  readonly draft: Entry | null;
}

interface Asked extends Judged {
  readonly key: string;
}

const KEPT = 24;
/** A worker that has said nothing for so long is given up, ms: the page then works by itself. */
const PATIENCE_MS = 5000;

const assessmentData = answer(isAssessmentData);

/** How many entries two logs begin with in common. */
function inCommon(one: readonly Entry[], other: readonly Entry[]): number {
  const most = Math.min(one.length, other.length);
  for (let i = 0; i < most; i++) if (one[i] !== other[i]) return i;
  return most;
}

/**
 * Has points judged in a thread of its own, so that a page paints what is typed meanwhile. One question is under way at a time,
 * and of those that wait the last.
 */
export class Judge {
  private readonly known = new Map<string, Assessment>();
  private readonly listeners = new Set<() => void>();
  private worker: Worker | null = null;
  private remote: Remote<JudgingWorker> | null = null;
  private held: readonly Entry[] = [];
  private underWay: string | null = null;
  private waits: Asked | null = null;
  private patience: ReturnType<typeof setTimeout> | undefined;
  private broken = typeof Worker === 'undefined';

  constructor(private readonly catalogue: Catalogue) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** There is no worker here, or it failed: whoever asks works by himself. */
  readonly isBroken = (): boolean => this.broken;

  /** What was worked out for a key; null while it was not. */
  readonly answered = (key: string): Assessment | null => this.known.get(key) ?? null;

  ask(key: string, judged: Judged): void {
    if (this.broken || this.known.has(key) || this.underWay === key) return;
    this.waits = { ...judged, key };
    this.next();
  }

  stop(): void {
    clearTimeout(this.patience);
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
    this.held = [];
    this.underWay = null;
    this.waits = null;
  }

  /** The worker’s face; null where none can be had. */
  private begun(): Remote<JudgingWorker> | null {
    if (this.remote) return this.remote;
    try {
      this.worker = new Worker(new URL('../../workers/judging.worker.ts', import.meta.url), { type: 'module' });
    } catch {
      // A browser that allows none: the page judges by itself, as it does where there is no such thing
      this.broken = true;
      this.tell();
      return null;
    }
    this.worker.addEventListener('error', (event) => this.fail(event.message));
    this.remote = wrap<JudgingWorker>(this.worker);
    this.remote.begin(this.catalogue).catch((error: unknown) => this.fail(error));
    return this.remote;
  }

  private next(): void {
    const { waits } = this;
    if (!waits || this.underWay !== null) return;
    this.waits = null;
    this.underWay = waits.key;
    const { key, head, pointId, entries, draft } = waits;
    const from = inCommon(this.held, entries);
    this.held = entries;
    const remote = this.begun();
    if (!remote) return;
    this.patience = setTimeout(() => this.fail('no answer'), PATIENCE_MS);
    remote
      .judge({ head, pointId, from, entries: entries.slice(from), draft })
      .then((told) => {
        // Of another run of the page, whose worker has ended
        if (remote !== this.remote) return;
        clearTimeout(this.patience);
        this.underWay = null;
        this.known.set(key, assessmentOf(assessmentData(told)));
        const oldest = this.known.keys().next();
        if (this.known.size > KEPT && !oldest.done) this.known.delete(oldest.value);
        this.tell();
        this.next();
      })
      .catch((error: unknown) => {
        if (remote === this.remote) this.fail(error);
      });
  }

  private fail(why: unknown): void {
    console.warn(why);
    this.broken = true;
    this.stop();
    this.tell();
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}
