import { lazy, type ComponentType } from 'react';
import type { Bench } from './face';

/** A bench in code of its own. @param load fetches it */
export const bench = (load: () => Promise<ComponentType>): Bench => ({
  Shown: lazy(async () => ({ default: await load() })),
  load,
});

export const isolateBench = bench(() =>
  import('../rungs/isolate/IsolateBench').then(({ IsolateBench }) => IsolateBench),
);
export const leaveBench = bench(() => import('../rungs/leave/LeaveBench').then(({ LeaveBench }) => LeaveBench));
export const wireBench = bench(() => import('../rungs/wire/WireBench').then(({ WireBench }) => WireBench));
export const yardBench = bench(() => import('./yard/YardBench').then(({ YardBench }) => YardBench));
export const proveBench = bench(() => import('../rungs/prove/ProveBench').then(({ ProveBench }) => ProveBench));
