import type { BellSurvey } from '../bell';
import type { Connector, FixtureProfile } from '../catalogue';
import type { HousePart } from '../house/houseGraph';
import type { BoxHangs, Chime, DoorHangs, SaidHangs, Supply } from '../house/things';
import type { Job } from '../job/job';
import type { BoxRoom, LoadJudged, Splice } from '../junction';
import type { PointKind } from '../kinds/point';
import type { EntryKind, Stated } from '../kinds/register';
import type { Facts, Taken } from '../kinds/said';
import type { BoxKnown, Step, Sufficiency, Wiring, WiringPlan } from '../wiring';
import type { BagAnswer, Choice, Doorbell, Feed, SharedChimeDoor, TakenReading } from './doorbell/doorbell';
import type { Point } from './point';
import type { PointView } from './pointView';

/** What a fold knows of every point, whatever its kind. */
export type PlainView = Omit<PointView, 'kind' | 'hangs' | 'fed' | 'boxHeld'>;

/** What was said at a point itself. */
export interface SaidOfPoint {
  readonly hangs: SaidHangs;
  readonly choice: Choice | null;
  /** What was said of it by a kind of entry, field by field. */
  readonly facts: <K extends EntryKind>(kind: K) => Facts<K>;
  /** The last entry of a kind that stands as a whole; null where none was written. */
  readonly last: <K extends EntryKind>(kind: K) => Taken<K> | null;
  readonly bag: Readonly<Record<string, BagAnswer>>;
  /** Its own readings, and those of what it shares with others. */
  readonly readings: readonly TakenReading[];
  readonly runToDoor: Facts<'runDescribed'>;
}

/** What a point hangs on, as the house has it. */
export interface HangsOnThings {
  readonly supply: Supply | undefined;
  readonly chime: Chime | undefined;
  readonly feed: Feed | null;
  readonly sharesChime: readonly SharedChimeDoor[];
  readonly toBeMade: boolean;
}

/** What the rules ask of a point beside its wiring. */
export interface BesideWiring {
  /** The decision to go on without a grounding conductor, in writing; null where none was taken. */
  readonly groundDecision: string | null;
  readonly fixture: Omit<FixtureProfile, 'plugLeadM'> | null;
  /** Room in the box for what is to go into it; null where it was not counted. */
  readonly room: BoxRoom | null;
  readonly load: LoadJudged | null;
  /** What was found of its box, for the rules; null where nothing hangs on one. */
  readonly box: BoxKnown | null;
  /** What is asked of the outlet that it plugs into; none where it doesn’t. */
  readonly outlet: readonly Sufficiency[];
  /** Connectors that were chosen; null: those of the catalogue. */
  readonly connectors: readonly Connector[] | null;
}

/** What decides about where a point’s breaker is hunted. */
export interface HuntClues {
  readonly diesWithLight: boolean;
  readonly transformerAt: string | null;
}

/** What a further point may share with one that stands: the whole way, or what feeds it. */
export const SHARES = ['chime', 'supply', 'nothing'] as const;
export type Shares = (typeof SHARES)[number];
export interface SharesWith {
  readonly door: Doorbell;
  readonly shares: Shares;
}

/**
 * What a kind of point is made of: what it hangs on, how it is seen, its wiring and its place in the house. The other half
 * is its {@link PointClimb}. Written as methods, so that a register of all kinds takes each for any point.
 */
export interface PointBuild<P extends Point> {
  /** What it hangs on; where nobody said, a thing of its own. */
  hangs(id: string, said: SaidHangs): DoorHangs | BoxHangs;
  /** Doors that a new one may share with: they have, or will have, a wired supply. */
  doorsToShareWith(job: Job): readonly Doorbell[];
  /** What a new one hangs on. @param job null for the first point of a job */
  newHangs(job: Job | null, newId: () => string, shared: SharesWith | null): SaidHangs;
  view(plain: PlainView, said: SaidOfPoint, things: HangsOnThings): P;
  /** The plan of what was taken; null before. */
  plan(point: P): WiringPlan | null;
  /** What is done before there is a plan, to see what is there at all. */
  opening(point: P): readonly Step[];
  found(point: P): Wiring;
  /** Before its conductors are known there is no found wiring to speak of. */
  isFoundKnown(point: P): boolean;
  besideWiring(job: Job, point: P): BesideWiring;
  /** Its bell circuit with the readings that count; null where it has none. */
  bellSurvey(job: Job, point: P, counts: (reading: TakenReading) => boolean): BellSurvey | null;
  /** Readings of its own circuit. */
  readings(point: P): readonly TakenReading[];
  /** Splices of its plan, with what holds each. */
  splices(point: P): readonly Splice[];
  /** Where a place of a step is at this site; nothing where nobody said. */
  placeName(point: P, place: Step['place']): string | undefined;
  huntClues(point: P): HuntClues;
  inHouse(job: Job, point: P): HousePart;
  /** What stands there once its plan is built, where it is otherwise than it was found; null: it is to be asked anew. */
  standsNow(point: P): readonly Stated[];
  /** What it is found by, beside its name. */
  searchWords(point: P): readonly (string | undefined)[];
}

export type PointBuilds = Readonly<Record<PointKind, PointBuild<Point>>>;
