'use client';
import { lazy, type ComponentType, type LazyExoticComponent } from 'react';
import type { Rung } from '@/core/job';

type Load = () => Promise<{ readonly default: ComponentType }>;

/** The bench of each rung, in code of its own: a new rung is a folder of `ui` and a line here. */
const LOADS: Readonly<Record<Rung, Load>> = {
  look: () => import('@/ui/look/LookBench').then(({ LookBench }) => ({ default: LookBench })),
  measure: () => import('@/ui/measure/MeasureBench').then(({ MeasureBench }) => ({ default: MeasureBench })),
  choose: () => import('@/ui/choose/ChooseBench').then(({ ChooseBench }) => ({ default: ChooseBench })),
  isolate: () => import('@/ui/isolate/IsolateBench').then(({ IsolateBench }) => ({ default: IsolateBench })),
  wire: () => import('@/ui/wire/WireBench').then(({ WireBench }) => ({ default: WireBench })),
  mount: () => import('@/ui/mount/MountBench').then(({ MountBench }) => ({ default: MountBench })),
  prove: () => import('@/ui/prove/ProveBench').then(({ ProveBench }) => ({ default: ProveBench })),
  leave: () => import('@/ui/leave/LeaveBench').then(({ LeaveBench }) => ({ default: LeaveBench })),
};

export const BENCHES: Readonly<Record<Rung, LazyExoticComponent<ComponentType>>> = {
  look: lazy(LOADS.look),
  measure: lazy(LOADS.measure),
  choose: lazy(LOADS.choose),
  isolate: lazy(LOADS.isolate),
  wire: lazy(LOADS.wire),
  mount: lazy(LOADS.mount),
  prove: lazy(LOADS.prove),
  leave: lazy(LOADS.leave),
};

/** Fetches what the other rungs need once the first one stands: in the cellar there may be no server to ask. */
export const loadAllBenches = (): Promise<unknown> => Promise.all(Object.values(LOADS).map((load) => load()));
