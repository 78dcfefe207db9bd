import type { MeterTask } from '@/contract/instrument';

/** A field that can be filled from the meter. */
export interface Taking {
  readonly label: string;
  readonly task: MeterTask;
  readonly onTake: (text: string) => void;
}
