import type { ReactNode } from 'react';
import type { Rung } from '@/core/job';
import { ChooseBench } from '@/ui/choose/ChooseBench';
import { IsolateBench } from '@/ui/isolate/IsolateBench';
import { LeaveBench } from '@/ui/leave/LeaveBench';
import { LookBench } from '@/ui/look/LookBench';
import { MeasureBench } from '@/ui/measure/MeasureBench';
import { MountBench } from '@/ui/mount/MountBench';
import { ProveBench } from '@/ui/prove/ProveBench';
import { WireBench } from '@/ui/wire/WireBench';

/** What stands in the middle of a job at each rung: a new rung is a folder of `ui` and a line here. */
export const BENCHES: Readonly<Record<Rung, ReactNode>> = {
  look: <LookBench />,
  measure: <MeasureBench />,
  choose: <ChooseBench />,
  isolate: <IsolateBench />,
  wire: <WireBench />,
  mount: <MountBench />,
  prove: <ProveBench />,
  leave: <LeaveBench />,
};
