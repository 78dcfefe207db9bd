import { wrap, type Remote } from 'comlink';
import { answer } from '@/contract/answers';
import { isFinding, isLikely } from '@/contract/finding';
import { finderKey, finderOf, type Finder, type Finding, type TroubleCase } from '@/core/faults';
import type { FindingWorker } from '@/workers/finding.worker';

const finding = answer(isFinding);
const likelyOnes = answer(isLikely);

export type LikelyNow = Pick<Finding, 'explained' | 'faults'>;

/** The thread that looks for faults; where there is none, or it fails, the page works by itself. */
export class FindingThread {
  private worker: Worker | null = null;
  private remote: Remote<FindingWorker> | null = null;
  private isBroken = typeof Worker === 'undefined';
  private own: Finder | null = null;

  readonly find = async (asked: TroubleCase, test: string | null): Promise<Finding> =>
    this.ask(
      async (remote) => finding(await remote.find(asked, test)),
      () => this.here(asked).find(asked, test),
    );

  /** With what is being typed. */
  readonly likely = async (asked: TroubleCase): Promise<LikelyNow> =>
    this.ask(
      async (remote) => likelyOnes(await remote.likely(asked)),
      () => this.here(asked).likely(asked),
    );

  stop(): void {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
  }

  private here(asked: TroubleCase): Finder {
    if (this.own?.key !== finderKey(asked)) this.own = finderOf(asked);
    return this.own;
  }

  private begun(): Remote<FindingWorker> | null {
    if (this.remote || this.isBroken) return this.remote;
    try {
      this.worker = new Worker(new URL('../../../../workers/finding.worker.ts', import.meta.url), { type: 'module' });
      this.worker.addEventListener('error', (event) => {
        console.warn(event.message);
        this.isBroken = true;
        this.stop();
      });
      this.remote = wrap<FindingWorker>(this.worker);
    } catch (error) {
      console.warn(error);
      this.isBroken = true;
    }
    return this.remote;
  }

  private async ask<T>(there: (remote: Remote<FindingWorker>) => Promise<T>, here: () => T): Promise<T> {
    const remote = this.begun();
    if (!remote) return here();
    const worker = this.worker;
    // A worker whose code can’t be had says so by an event and answers nothing
    const failed = new Promise<never>((_, reject) =>
      worker?.addEventListener('error', () => reject(new Error('the worker failed'))),
    );
    try {
      return await Promise.race([there(remote), failed]);
    } catch (error) {
      if (!this.isBroken) throw error;
      return here();
    }
  }
}
