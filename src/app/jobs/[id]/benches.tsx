'use client';
import { lazy, type ComponentType, type LazyExoticComponent } from 'react';
import type { PointKind, Rung } from '@/core/job';

type Load = () => Promise<{ readonly default: ComponentType }>;

const isolate: Load = () => import('@/ui/isolate/IsolateBench').then(({ IsolateBench }) => ({ default: IsolateBench }));
const look: Load = () => import('@/ui/look/LookBench').then(({ LookBench }) => ({ default: LookBench }));
const wire: Load = () => import('@/ui/wire/WireBench').then(({ WireBench }) => ({ default: WireBench }));
const leave: Load = () => import('@/ui/leave/LeaveBench').then(({ LeaveBench }) => ({ default: LeaveBench }));
const byHand: Load = () => import('@/ui/fixture/ByHandBench').then(({ ByHandBench }) => ({ default: ByHandBench }));

/** The bench of each rung, in code of its own: a new rung, or kind of point, is a folder of `ui` and a line here. */
const LOADS: Readonly<Record<PointKind, Readonly<Record<Rung, Load>>>> = {
  doorbell: {
    look,
    measure: () => import('./DoorbellMeasure').then(({ DoorbellMeasure }) => ({ default: DoorbellMeasure })),
    choose: () => import('@/ui/choose/ChooseBench').then(({ ChooseBench }) => ({ default: ChooseBench })),
    isolate,
    wire,
    mount: () => import('@/ui/mount/MountBench').then(({ MountBench }) => ({ default: MountBench })),
    prove: () => import('@/ui/prove/ProveBench').then(({ ProveBench }) => ({ default: ProveBench })),
    leave,
  },
  floodlight: {
    look,
    measure: () => import('@/ui/box/BoxBench').then(({ BoxBench }) => ({ default: BoxBench })),
    choose: () => import('@/ui/fixture/FixtureBench').then(({ FixtureBench }) => ({ default: FixtureBench })),
    isolate,
    wire,
    mount: byHand,
    prove: byHand,
    leave,
  },
};

const lazily = (loads: Readonly<Record<Rung, Load>>): Readonly<Record<Rung, LazyExoticComponent<ComponentType>>> => ({
  look: lazy(loads.look),
  measure: lazy(loads.measure),
  choose: lazy(loads.choose),
  isolate: lazy(loads.isolate),
  wire: lazy(loads.wire),
  mount: lazy(loads.mount),
  prove: lazy(loads.prove),
  leave: lazy(loads.leave),
});

export const BENCHES = { doorbell: lazily(LOADS.doorbell), floodlight: lazily(LOADS.floodlight) } as const;

/** Fetches what the other rungs need once the first one stands: in the cellar there may be no server to ask. */
export const loadAllBenches = (): Promise<unknown> =>
  Promise.all([...Object.values(LOADS.doorbell), ...Object.values(LOADS.floodlight)].map((load) => load()));
