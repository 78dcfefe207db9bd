import { DUE_DAYS } from '../kinds/handover';
import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { checksOf } from './checks';
import type { Point } from './point';
import { putOffAmong } from './proving';

/** Something of a job that comes due. */
export interface Due {
  /** The same for the same thing, however often it is asked: a calendar then moves it. */
  readonly id: string;
  readonly words: Text;
  /** A moment, ISO 8601; or a whole day. */
  readonly when: { readonly at: string; readonly minutes: number } | { readonly on: string };
}

/** How long a visit is thought to take where nobody planned it: an engineering default. */
const VISIT_MINUTES = 120;
const MINUTE_MS = 60_000;

/** Waits that were begun at a point and not answered yet. */
const waitsAt = (point: Point): readonly Due[] =>
  checksOf(point).flatMap(({ id, name }): readonly Due[] => {
    const wait = point.waits[id];
    if (!wait || point.checks[id]) return [];
    const ends = Date.parse(wait.at) + wait.minutes * MINUTE_MS;
    return [
      {
        id: `wait-${point.id}-${id}`,
        words: said('dueWait', { point: point.name, what: name }),
        when: { at: new Date(ends).toISOString(), minutes: 5 },
      },
    ];
  });

/** Checks that were put off, each to its day. */
const putOffAt = (point: Point): readonly Due[] =>
  putOffAmong(point, checksOf(point)).map(({ check, putOff: { data } }) => ({
    id: `check-${point.id}-${check.id}`,
    words: said('dueCheck', { point: point.name, what: check.name, by: data.by }),
    when: { on: data.on },
  }));

const daysAt = ({ id, name, handover }: Point): readonly Due[] =>
  DUE_DAYS.flatMap((what): readonly Due[] => {
    const on = handover[what];
    return on === undefined
      ? []
      : [{ id: `${what}-${id}`, words: said('dueDay', { point: name, what }), when: { on } }];
  });

/** All that comes due at a job: the visit, waits, and what was agreed when it was handed over. */
export const dueOf = (job: Job): readonly Due[] => [
  ...(job.expectedAt === null
    ? []
    : [{ id: 'visit', words: said('dueVisit'), when: { at: job.expectedAt, minutes: VISIT_MINUTES } }]),
  ...job.points.flatMap((point) => [...waitsAt(point), ...putOffAt(point), ...daysAt(point)]),
];
