import { expose } from 'comlink';
import { jobRow, type JobRow } from '@/core/board';
import { fold, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';

/** The row of a job whose log lies in this browser. @param entries held against their kinds by whoever read them */
const row = (head: JobHead, entries: readonly Entry[]): JobRow => jobRow(fold(head, entries));

const api = { row };
export type BoardWorker = typeof api;
expose(api);
