import type { Text } from '../said';
import type { Asker } from '../isolation';
import type { VerdictWord } from '../bell';
import type { Job } from '../job/job';
import type { PointKind } from '../kinds/point';
import type { Check } from '../prove';
import type { NextMove, Rung, RungMark } from '../kinds/rungs';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';
import type { PointFinder } from './pointFinder';

/** A point on its ladder, as one person sees it. */
export interface Standing<P extends Point> {
  readonly job: Job;
  readonly point: P;
  /** Of its bell circuit; a kind without one never asks it anything. */
  readonly assessment: Assessment;
  readonly who: Asker;
}

export type Mark = Omit<RungMark, 'rung'>;

/** Something not said yet, in the words of the next move. */
export interface Missing {
  readonly id: string;
  /** The area of Look where it is asked; null where another rung asks it. */
  readonly area: string | null;
  readonly words: Text;
  readonly why: Text;
}

/** An area of Look as it stands. */
export interface AreaStanding {
  readonly area: string;
  readonly name: Text;
  readonly state: 'open' | 'inHand' | 'done';
  /** A few words: what is missing, or what was found. */
  readonly words: Text;
}

/** Something open that may cost a return trip. */
export interface Worry {
  readonly id: string;
  readonly rung: Rung;
  /** The part of the rung where something can be done about it; left out: the rung says so itself. */
  readonly area?: string;
  readonly words: Text;
  /** Whose it is to be done; left out: the crew’s. */
  readonly whose?: 'customer';
}

/** A word on a point for a list of many. */
export interface PointVerdict {
  readonly word: VerdictWord | 'settled' | 'leading' | 'failed';
  readonly words: Text;
}

/** What a kind of point gives to the customer’s page. */
export interface ForCustomer {
  /** What stands where, a sentence each. */
  readonly stands: readonly Text[];
  /** What may be seen when it fails, and the one thing to do then. */
  readonly fails: readonly { readonly seen: Text; readonly does: Text }[];
  /** What is theirs to know. */
  readonly yours: readonly Text[];
}

/**
 * What is told of a kind of point on its way up the ladder. The other half is its {@link PointBuild}; methods for the same
 * reason.
 */
export interface PointClimb<P extends Point> {
  /** Area of Look that opens where nothing is asked. */
  readonly firstArea: string;
  /** Whether nothing was said of it yet. */
  isUntouched(point: P): boolean;
  /** What Look still needs, most telling first. */
  missingAtLook(job: Job, point: P): readonly Missing[];
  /** Areas of Look, in their order. */
  areas(job: Job, point: P): readonly AreaStanding[];
  mark(rung: Rung, standing: Standing<P>): Mark;
  /** The one thing to do next, before it is left. */
  nextMove(standing: Standing<P>): NextMove;
  /** What is open of survey and choice, in the order of the ladder. */
  worries(standing: Standing<P>): readonly Worry[];
  /** What is gone through once it is powered, in its order. */
  checks(point: P): readonly Check[];
  /** What holds it where it hangs, as far as it was chosen. */
  heldBy(job: Job, point: P): readonly Text[];
  /** What hangs there by its name in the catalogue; null before it was chosen. */
  device(point: P): Text | null;
  /** What has to be in the bag. */
  parts(job: Job, point: P): readonly Text[];
  /** What the page says that stays with the customer. */
  forCustomer(point: P): ForCustomer;
  /** What whoever it is handed to is told. */
  toTell(point: P): readonly Text[];
  /** How a fault is looked for there. */
  readonly finder: PointFinder<P>;
  /** What was worked out; null before there is anything to say. */
  verdict(standing: Standing<P>): PointVerdict | null;
}

export type PointClimbs = Readonly<Record<PointKind, PointClimb<Point>>>;
