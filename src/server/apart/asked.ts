import type { FirmTaken } from '@/contract/firm';
import type { Problem } from '@/contract/problem';

/** A file that lies on the disk, to be taken in. */
export interface Incoming {
  readonly folder: string;
  readonly path: string;
  readonly isContainer: boolean;
}

/** What became of it: the job as JSON, or why not. A refusal can’t be thrown whole from one thread to another. */
export type Outcome = { readonly made: boolean; readonly job: string } | { readonly problem: Problem };

/** What became of the archive of a firm, or why it was not taken. */
export type FirmOutcome = { readonly taken: FirmTaken } | { readonly problem: Problem };

/** Whom the gate of a job is asked for, and when. */
export interface GateAsked {
  readonly folder: string;
  readonly jobId: string;
  readonly as: string;
  readonly at: string;
}

/** What is done in a thread of its own: by its name what is asked and what is answered. */
export interface Apart {
  /** Brings the rows of some jobs up to their logs. */
  readonly rows: {
    readonly asked: { readonly folder: string; readonly jobIds: readonly string[] };
    readonly answer: void;
  };
  /** Brings up all rows that are behind. */
  readonly behind: { readonly asked: { readonly folder: string }; readonly answer: number };
  /** Backs the data folder up; it may take long, and so has a thread to itself. */
  readonly backup: {
    readonly asked: { readonly folder: string; readonly to: string; readonly kept: number; readonly now: string };
    readonly answer: void;
  };
  readonly takeIn: { readonly asked: Incoming; readonly answer: Outcome };
  /** Takes the archive of a whole firm in; as long as a backup. */
  readonly takeFirm: {
    readonly asked: { readonly folder: string; readonly path: string };
    readonly answer: FirmOutcome;
  };
  /** What the gate thinks of a job, as JSON. */
  readonly gate: { readonly asked: GateAsked; readonly answer: string | { readonly problem: Problem } };
}

export type ApartName = keyof Apart;
