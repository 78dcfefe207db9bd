import type { Text } from '../said';
import type { BellSurvey } from '../bell';
import type { Job } from '../job/job';
import type { Splice } from '../junction';
import type { Step } from '../wiring';
import { buildOf } from './builds';
import { climbOf } from './climbs';
import type { TakenReading } from './doorbell/doorbell';
import type { Point } from './point';

/** What a point is found by, beside its name. */
export const searchWordsOf = (point: Point): readonly string[] =>
  buildOf(point)
    .searchWords(point)
    .flatMap((words) => words ?? []);

/** A point’s bell circuit with the readings that count; null where it has none. */
export const bellSurveyAt = (job: Job, point: Point, counts: (reading: TakenReading) => boolean): BellSurvey | null =>
  buildOf(point).bellSurvey(job, point, counts);

/** Readings of a point’s own circuit; none where it has none. */
export const readingsAt = (point: Point): readonly TakenReading[] => buildOf(point).readings(point);

/** The splice of a point’s plan that a lead is in; none at screws. */
export const spliceOf = (point: Point, leadId: string): Splice | undefined =>
  buildOf(point)
    .splices(point)
    .find(({ leads }) => leads.some(({ id }) => id === leadId));

/** Where a place of a step is at this site; nothing where nobody said. */
export const placeNameOf = (point: Point, place: Step['place']): string | undefined =>
  buildOf(point).placeName(point, place);

/** What whoever a point is handed to is told. */
export const toTell = (point: Point): readonly Text[] => climbOf(point).toTell(point);
