import type { DemoLog } from './demoLog';

/** The days round the one on which the demo is made, as milliseconds at an hour of them. */
export type Calendar = (daysFromToday: number, hour: number) => number;

/** A made-up job: its site’s name, when it was begun, and what is written in it. */
export interface DemoJob {
  readonly title: string;
  readonly begun: (day: Calendar) => number;
  readonly write: (log: DemoLog, day: Calendar) => void;
}
