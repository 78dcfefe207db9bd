import type { MeterTask } from '@/contract/instrument';
import { LASTING_STATES } from '@/core/catalogue';
import type { DoorTestKind } from '@/core/faults';

type Task = Pick<MeterTask, 'function' | 'from' | 'to'> & {
  /** The device is on its leads and does what it does at the complaint. */
  readonly runs?: true;
};

/** Where a meter’s probes stand for each test of a doorbell that it can take. */
const TASKS: Readonly<Partial<Record<DoorTestKind, Task>>> = {
  mainsVolts: { function: 'voltsAc', from: 'hot', to: 'neutral' },
  openVolts: { function: 'voltsAc', from: 'S1', to: 'S2' },
  runningVolts: { function: 'voltsAc', from: 'S1', to: 'S2', runs: true },
  doorVoltsRunning: { function: 'voltsAc', from: 'D1', to: 'D2', runs: true },
  doorVoltsOpen: { function: 'voltsAc', from: 'D1', to: 'D2' },
  loopToChime: { function: 'ohms', from: 'toChimeA', to: 'toChimeB' },
  loopToDoor: { function: 'ohms', from: 'toDoorA', to: 'toDoorB' },
  coilOhms: { function: 'ohms', from: 'Trans', to: 'Front' },
};

/** What a meter is set to for a test, so that its figure can be taken from there. @param state of the device; '' where there is none */
export function testMeter(test: string, state: string): MeterTask | undefined {
  const task: Task | undefined = (TASKS as Readonly<Record<string, Task | undefined>>)[test];
  if (!task || state === '') return undefined;
  const { runs, ...probes } = task;
  return { ...probes, state: runs ? (LASTING_STATES.find((one) => one === state) ?? 'open') : 'open' };
}
