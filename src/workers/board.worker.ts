import { expose } from 'comlink';
import { rowMaker, type JobRow } from '@/core/board';
import { SHIPPED_CATALOGUE, catalogueWith, type OwnItem } from '@/core/catalogue';
import { fold, type JobHead } from '@/core/job';
import type { Entry } from '@/core/kinds';

let make = rowMaker(SHIPPED_CATALOGUE);

/** From now on rows name parts out of a catalogue with a firm’s own items. */
const use = (own: readonly OwnItem[]): void => {
  make = rowMaker(catalogueWith(own));
};

/** The row of a job whose log lies in this browser. @param entries held against their kinds by whoever read them */
const row = (head: JobHead, entries: readonly Entry[]): JobRow => make(fold(head, entries));

const api = { use, row };
export type BoardWorker = typeof api;
expose(api);
