import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo } from 'react';
import { poseOfPicture } from '@/core/yard';
import type { YardWorker } from '@/workers/yard.worker';

type Asked = {
  readonly [K in keyof YardWorker]: (...asked: Parameters<YardWorker[K]>) => Promise<ReturnType<YardWorker[K]>>;
};

/** Works in the page itself, where a browser has no worker to give. */
const HERE: Asked = { poseOfPicture: (...asked) => Promise.resolve(poseOfPicture(...asked)) };

/** A thread of its own for what takes long, begun when it is first asked. */
class YardThread {
  private worker: Worker | null = null;
  private remote: Remote<YardWorker> | null = null;
  private isBroken = typeof Worker === 'undefined';

  readonly poseOfPicture: Asked['poseOfPicture'] = (...asked) =>
    this.ask(
      (from) => from.poseOfPicture(...asked),
      () => HERE.poseOfPicture(...asked),
    );

  readonly end = (): void => {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
  };

  /** Asks the thread, and works here where it can’t be had. */
  private ask<T>(from: (remote: Remote<YardWorker>) => Promise<T>, here: () => Promise<T>): Promise<T> {
    const remote = this.begun();
    if (!remote) return here();
    return new Promise<T>((resolve, reject) => {
      this.worker?.addEventListener('error', () => {
        this.isBroken = true;
        this.end();
        resolve(here());
      });
      from(remote).then(resolve, reject);
    });
  }

  private begun(): Remote<YardWorker> | null {
    if (this.remote || this.isBroken) return this.remote;
    this.worker = new Worker(new URL('../../../workers/yard.worker.ts', import.meta.url), { type: 'module' });
    this.remote = wrap<YardWorker>(this.worker);
    return this.remote;
  }
}

export function useYardWorker(): Asked {
  const thread = useMemo(() => new YardThread(), []);
  useEffect(() => thread.end, [thread]);
  return thread;
}
