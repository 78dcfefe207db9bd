import type { InferType } from 'yup';
import { boxDescribed, cableDescribed, conductorTested, fixtureChosen, leadMoved } from './kinds/box';
import { boardListed, wayListed } from './kinds/board';
import { choiceMade } from './kinds/choice';
import {
  cameBack,
  circuitListed,
  circuitSwitched,
  deadProved,
  hintNoted,
  huntPlanned,
  huntTested,
} from './kinds/circuit';
import { entryStruck, noteWritten } from './kinds/note';
import { photoAttached, photoDescribed } from './kinds/photo';
import {
  bagChecked,
  chimeDescribed,
  placeLooked,
  pointAdded,
  pointDescribed,
  runDescribed,
  supplyPlanned,
  switchTried,
  transformerDescribed,
  wifiRead,
} from './kinds/point';
import { meterDescribed, readingTaken } from './kinds/reading';
import { customerDescribed, policyTaken, siteDescribed, visitPlanned } from './kinds/site';
import { checkDone, mountRecorded, pointLeft, stepTicked, waitStarted } from './kinds/work';

/** The only list of kinds: what can happen in a job, each with the schema of its data. */
export const ENTRY_KINDS = {
  siteDescribed,
  customerDescribed,
  visitPlanned,
  policyTaken,
  boardListed,
  wayListed,
  pointAdded,
  pointDescribed,
  transformerDescribed,
  placeLooked,
  switchTried,
  supplyPlanned,
  runDescribed,
  chimeDescribed,
  wifiRead,
  bagChecked,
  meterDescribed,
  readingTaken,
  boxDescribed,
  cableDescribed,
  conductorTested,
  choiceMade,
  fixtureChosen,
  circuitListed,
  circuitSwitched,
  deadProved,
  cameBack,
  hintNoted,
  huntPlanned,
  huntTested,
  stepTicked,
  leadMoved,
  mountRecorded,
  waitStarted,
  checkDone,
  pointLeft,
  photoAttached,
  photoDescribed,
  noteWritten,
  entryStruck,
} as const;

export type EntryKind = keyof typeof ENTRY_KINDS;
export type EntryData<K extends EntryKind = EntryKind> = InferType<(typeof ENTRY_KINDS)[K]>;

export const isEntryKind = (kind: string): kind is EntryKind => Object.hasOwn(ENTRY_KINDS, kind);

/** Who wrote something. */
export interface Person {
  readonly id: string;
  readonly name: string;
}

/** What a client writes. */
export type NewEntry = {
  [K in EntryKind]: {
    readonly id: string;
    /** When it happened, ISO 8601 with offset. */
    readonly at: string;
    readonly by: Person;
    readonly kind: K;
    readonly data: EntryData<K>;
    readonly corrects?: string;
  };
}[EntryKind];

/** What stands in the log: numbered per job from 1 without gaps, never changed. */
export type Entry = NewEntry & { readonly seq: number; readonly receivedAt: string };

export type EntryOf<K extends EntryKind> = Extract<Entry, { readonly kind: K }>;
