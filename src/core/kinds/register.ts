import { approachDescribed } from './approach';
import { planDescribed, pointOnPlan, shapeDrawn } from './plan';
import type { InferType } from 'yup';
import { boxDescribed, cableDescribed, conductorTested, fixtureChosen, leadMoved } from './box';
import { outletDescribed, plugFixtureChosen } from './outlet';
import { boardListed, wayListed } from './board';
import { choiceMade } from './choice';
import {
  bellExplained,
  plugSeen,
  breakerGuarded,
  cameBack,
  circuitListed,
  circuitsCompared,
  circuitSwitched,
  deadProved,
  hintNoted,
  huntPlanned,
  huntTested,
  personChanged,
  placeCleared,
  stayedAtWork,
} from './circuit';
import { followsJob } from './followsJob';
import { deviceDescribed } from './identity';
import { handoverDescribed } from './handover';
import { entryStruck, noteWritten } from './note';
import { photoAttached, photoDescribed } from './photo';
import { chimeDescribed, runDescribed } from './chime';
import { bagChecked, pointAdded, pointDescribed, pointHung, thingFound, wifiRead } from './point';
import { placeLooked, supplyPlanned, switchTried, transformerDescribed } from './supply';
import { meterDescribed, readingTaken } from './reading';
import { faultTested, repairTried, troubleClosed, troubleOpened } from './trouble';
import { customerDescribed, policyTaken, siteDescribed, visitPlanned } from './site';
import { aimPlanned, missAccepted, obstacleStands, targetPlaced } from './yard';
import {
  checkDone,
  checkPutOff,
  failureAccepted,
  mountRecorded,
  pairingTried,
  pointLeft,
  stepTicked,
  waitStarted,
} from './work';

/** The only list of kinds: what can happen in a job, each with the schema of its data. */
export const ENTRY_KINDS = {
  siteDescribed,
  customerDescribed,
  followsJob,
  visitPlanned,
  policyTaken,
  boardListed,
  wayListed,
  pointAdded,
  pointHung,
  thingFound,
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
  outletDescribed,
  plugFixtureChosen,
  circuitListed,
  circuitsCompared,
  circuitSwitched,
  breakerGuarded,
  deadProved,
  cameBack,
  stayedAtWork,
  personChanged,
  bellExplained,
  plugSeen,
  placeCleared,
  hintNoted,
  huntPlanned,
  huntTested,
  stepTicked,
  leadMoved,
  targetPlaced,
  obstacleStands,
  aimPlanned,
  missAccepted,
  approachDescribed,
  shapeDrawn,
  planDescribed,
  pointOnPlan,
  mountRecorded,
  waitStarted,
  pairingTried,
  checkDone,
  checkPutOff,
  failureAccepted,
  troubleOpened,
  faultTested,
  repairTried,
  troubleClosed,
  deviceDescribed,
  handoverDescribed,
  pointLeft,
  photoAttached,
  photoDescribed,
  noteWritten,
  entryStruck,
} as const;

export type EntryKind = keyof typeof ENTRY_KINDS;
export type EntryData<K extends EntryKind = EntryKind> = InferType<(typeof ENTRY_KINDS)[K]>;

export const isEntryKind = (kind: string): kind is EntryKind => Object.hasOwn(ENTRY_KINDS, kind);

/** A kind with data of it: what an entry says, before anybody writes it. */
export type Stated = { [K in EntryKind]: { readonly kind: K; readonly data: EntryData<K> } }[EntryKind];

/** Who wrote something. */
export interface Person {
  readonly id: string;
  readonly name: string;
}

/** Somebody of the firm, with what they may do. */
export interface CrewMember extends Person {
  /** Holds a licence for electrical work that is kept for those who do. */
  readonly licensed: boolean;
}

/** What a client writes. */
export type NewEntry = {
  [K in EntryKind]: {
    readonly id: string;
    /** When it happened, ISO 8601 with offset. */
    readonly at: string;
    readonly by: Person;
    readonly kind: K;
    /** Of the kind. One of an older version is lifted where it is read: inside there is only the newest. */
    readonly version: number;
    readonly data: EntryData<K>;
    readonly corrects?: string;
    /** The highest number of this job that the writer’s device knew; left out: all up to its own. */
    readonly seen?: number;
  };
}[EntryKind];

/** What stands in the log: numbered per job from 1 without gaps, never changed. */
export type Entry = NewEntry & {
  readonly seq: number;
  readonly receivedAt: string;
  /** Taken in with a file. */
  readonly imported?: true;
};

export type EntryOf<K extends EntryKind> = Extract<Entry, { readonly kind: K }>;
