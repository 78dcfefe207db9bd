import { proxy, wrap, type Remote } from 'comlink';
import { useEffect, useMemo } from 'react';
import { proposeDoor } from '@/core/mount';
import {
  otherMountings,
  poseOfPicture,
  proposeSpots,
  siteCoverage,
  type Scene,
  type SiteCamera,
  type SiteCoverage,
  type SiteExtent,
  type Spot,
  type SpotProposal,
} from '@/core/yard';
import type { SeeingWorker } from '@/workers/seeing.worker';

type Task = 'poseOfPicture' | 'proposeDoor' | 'otherMountings';
type Asked<K extends Task> = Parameters<SeeingWorker[K]>;
type Told<K extends Task> = Promise<ReturnType<SeeingWorker[K]>>;

/** A thread of its own for what takes long, begun when it is first asked. */
class SeeingThread {
  private worker: Worker | null = null;
  private remote: Remote<SeeingWorker> | null = null;
  private isBroken = typeof Worker === 'undefined';

  readonly poseOfPicture = (...asked: Asked<'poseOfPicture'>): Told<'poseOfPicture'> =>
    this.ask(
      (remote) => remote.poseOfPicture(...asked),
      () => poseOfPicture(...asked),
    );
  readonly otherMountings = (...asked: Asked<'otherMountings'>): Told<'otherMountings'> =>
    this.ask(
      (remote) => remote.otherMountings(...asked),
      () => otherMountings(...asked),
    );
  readonly proposeDoor = (...asked: Asked<'proposeDoor'>): Told<'proposeDoor'> =>
    this.ask(
      (remote) => remote.proposeDoor(...asked),
      () => proposeDoor(...asked),
    );
  /** Other spots along a wall, the best so far told meanwhile; `end` stops it. */
  readonly spots = (
    scene: Scene,
    now: Spot,
    rights: readonly number[],
    heights: readonly number[],
    tell: (done: number, of: number, best: readonly SpotProposal[]) => void,
  ): Promise<readonly SpotProposal[]> =>
    this.ask(
      (remote) => remote.spots(scene, now, rights, heights, proxy(tell)),
      () => proposeSpots(scene, now, rights, heights),
    );

  /** What all cameras of a site see together; how many are done is told meanwhile. */
  readonly coverage = (
    cameras: readonly SiteCamera[],
    extent: SiteExtent,
    tell: (done: number) => void,
  ): Promise<SiteCoverage> =>
    this.ask(
      (remote) => remote.coverage(cameras, extent, proxy(tell)),
      () => siteCoverage(cameras, extent, tell),
    );

  readonly end = (): void => {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
  };

  /** Asks the thread; where it can’t be had, it is worked out here. */
  private ask<T>(from: (remote: Remote<SeeingWorker>) => Promise<T>, here: () => T): Promise<T> {
    const remote = this.begun();
    if (!remote) return Promise.resolve(here());
    return new Promise<T>((resolve, reject) => {
      this.worker?.addEventListener('error', () => {
        this.isBroken = true;
        this.end();
        resolve(here());
      });
      from(remote).then(resolve, reject);
    });
  }

  private begun(): Remote<SeeingWorker> | null {
    if (this.remote || this.isBroken) return this.remote;
    try {
      this.worker = new Worker(new URL('../../workers/seeing.worker.ts', import.meta.url), { type: 'module' });
    } catch {
      // A browser that allows none
      this.isBroken = true;
      return null;
    }
    this.remote = wrap<SeeingWorker>(this.worker);
    return this.remote;
  }
}

export function useSeeingWorker(): SeeingThread {
  const thread = useMemo(() => new SeeingThread(), []);
  useEffect(() => thread.end, [thread]);
  return thread;
}
