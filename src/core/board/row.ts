import type { Catalogue } from '../catalogue';
import { NOBODY } from '../isolation';
import { lengthsOf, regionOf, type Job } from '../job';
import type { Rung, RungState } from '../kinds';
import type { VerdictWord } from '../bell';
import {
  ladderOf,
  nextMove,
  openTrouble,
  rememberingAssess,
  verdictOf,
  worriesOf,
  type Assessment,
  type Point,
} from '../points';
import type { Text } from '../said';

/**
 * A point as the board shows it.
 * @typeParam W its words: in a language, or as the core says them (`Text`)
 */
export interface BoardPoint<W = string> {
  readonly id: string;
  readonly name: string;
  readonly marks: readonly RungState[];
  readonly move: { readonly rung: Rung; readonly words: W; readonly why: W; readonly held: boolean };
  readonly verdict: { readonly word: VerdictWord | 'settled' | 'leading' | 'failed'; readonly words: W } | null;
  readonly worries: number;
}

/** How the site of a job says things: the id of its region, and its lengths. */
export interface RowPlace {
  readonly region: string;
  readonly lengths: 'metric' | 'imperial';
}

/** The points of a row: not in words yet, with the place that says them. */
export interface BoardPoints {
  readonly place: RowPlace;
  readonly points: readonly BoardPoint<Text>[];
}

/** A job in a row. */
export interface JobRow {
  readonly title: string;
  readonly address: string;
  /** ISO 8601; null: no day yet. */
  readonly expectedAt: string | null;
  readonly updatedAt: string;
  /** All its points were handed over, and nobody complained since. */
  readonly finished: boolean;
  readonly points: BoardPoints;
}

const ASSESSMENTS_KEPT = 500;

/** What the board says of a point. One without a bell side asks for no bell solve. */
export function boardPoint(job: Job, point: Point, assessment: Assessment): BoardPoint<Text> {
  return {
    id: point.id,
    name: point.name,
    marks: ladderOf(job, point, assessment, NOBODY).map(({ state }) => state),
    move: nextMove(job, point, assessment, NOBODY),
    verdict: verdictOf(job, point, assessment),
    worries: worriesOf(job, point, assessment).length,
  };
}

/** A point that was left, and of which nobody complained since. */
const isFinished = (point: Point): boolean => point.left !== null && openTrouble(point) === null;

/**
 * Makes rows of jobs: nothing in them but what follows from the log, wherever that lies, and from the catalogue that a job’s
 * own page proposes from. What was judged is judged once.
 */
export function rowMaker(catalogue: Catalogue): (job: Job) => JobRow {
  const assess = rememberingAssess(ASSESSMENTS_KEPT, catalogue);
  return (job) => ({
    title: job.title,
    address: job.site.address ?? '',
    expectedAt: job.expectedAt,
    updatedAt: job.updatedAt,
    finished: job.points.length > 0 && job.points.every(isFinished),
    points: {
      place: { region: regionOf(job).id, lengths: lengthsOf(job) },
      points: job.points.map((point) => boardPoint(job, point, assess(job, point))),
    },
  });
}
