import type { BoxHangs, DoorHangs, SaidHangs } from '../house/things';
import type { HouseDraft } from '../house/houseDraft';
import type { Entry, EntryData, EntryKind, EntryOf } from '../kinds/register';
import type { FactBook } from '../log/factBook';
import { BUILDS } from '../points/builds';
import type { BagAnswer, Choice, Feed, TakenReading } from '../points/doorbell/doorbell';
import type { Point } from '../points/point';
import type { Job, Note } from './job';

/** A point while it is being put together. */
export interface Draft {
  readonly id: string;
  kind: Point['kind'];
  hangs: SaidHangs;
  readonly addedName: string;
  choice: Choice | null;
  /** Number of its first choice. */
  choseAt: number | null;
  readonly ticks: Map<string, EntryOf<'stepTicked'>>;
  waits: Point['waits'];
  tried: Point['tried'];
  putOff: Point['putOff'];
  checks: Point['checks'];
  accepted: Point['accepted'];
  troubles: Point['troubles'];
  missesAccepted: Point['missesAccepted'];
  left: Point['left'];
  wifi: Point['wifi'];
  readonly bag: Map<string, BagAnswer>;
  huntTests: Point['hunt']['tests'];
  /** The last word of each kind that is asked for as a whole, like what was taken. */
  readonly last: Map<EntryKind, Entry>;
  moved: Point['moved'];
  /** Ids of what was placed in the yard before it, in order. */
  readonly yard: Set<string>;
}

/** What is hung anew; what is not spoken of stays. */
export const hung = (before: SaidHangs, said: SaidHangs): SaidHangs => ({
  supplyId: said.supplyId === undefined ? before.supplyId : said.supplyId,
  chimeId: said.chimeId === undefined ? before.chimeId : said.chimeId,
  terminal: said.terminal === undefined ? before.terminal : said.terminal,
  boxId: said.boxId === undefined ? before.boxId : said.boxId,
});

export const hangsOf = ({ id, kind, hangs }: Pick<Draft, 'id' | 'hangs' | 'kind'>): DoorHangs | BoxHangs =>
  BUILDS[kind].hangs(id, hangs);

export const newDraft = ({ data }: EntryOf<'pointAdded'>): Draft => ({
  id: data.pointId,
  kind: data.pointKind,
  hangs: hung({}, data),
  addedName: data.name,
  choice: null,
  choseAt: null,
  ticks: new Map(),
  waits: {},
  tried: [],
  putOff: {},
  checks: {},
  accepted: {},
  troubles: [],
  missesAccepted: {},
  left: null,
  wifi: [],
  bag: new Map(),
  huntTests: [],
  last: new Map(),
  moved: [],
  yard: new Set(),
});

/** A job while its log is read. */
export interface Folding {
  readonly book: FactBook;
  readonly house: HouseDraft;
  readonly points: Map<string, Draft>;
  readonly readings: TakenReading[];
  /** What feeds the doors of a supply from now on, by its id. */
  readonly chosen: Map<string, Feed>;
  readonly notes: Note[];
  readonly shapes: Set<string>;
  expectedAt: string | null;
  follows: EntryData<'followsJob'> | null;
  policyWhy: Job['policyWhy'];
}

/** Points on the supply of a point, itself among them. */
export function onSupplyOf({ points }: Folding, draft: Draft): readonly string[] {
  const { supplyId } = hangsOf(draft);
  return supplyId === null
    ? [draft.id]
    : [...points.values()].filter((one) => hangsOf(one).supplyId === supplyId).map(({ id }) => id);
}
