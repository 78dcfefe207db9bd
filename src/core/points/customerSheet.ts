import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { checksOf } from './checks';
import { climbOf } from './climbs';
import { dueForCustomer } from './dueForCustomer';
import type { Point } from './point';
import { circuitsOfPoint } from './supplyOf';
import { troublesTold } from './troubleTold';

/** How something is switched off: which lever of which board, or which plug. */
export interface SwitchedOff {
  readonly point: string;
  /** By its plug: there is no way of a board. */
  readonly byPlug: boolean;
  /** What is written at the board; none where a plug feeds it, or nobody named one. */
  readonly ways: readonly { readonly way: string | null; readonly name: string | null }[];
}

/** The page that stays with the customer: in plain words, of what is there and was done. No entry, no sentence. */
export interface CustomerSheet {
  readonly names: readonly string[];
  readonly stands: readonly Text[];
  readonly off: readonly SwitchedOff[];
  readonly fails: readonly { readonly seen: Text; readonly does: Text }[];
  readonly yours: readonly Text[];
  /** What did not work, and was put right. */
  readonly mended: readonly Text[];
  /** What failed, was skipped or was not tried, told plainly. */
  readonly open: readonly Text[];
}

const once = <T>(all: readonly T[]): readonly T[] => [
  ...new Map(all.map((one) => [JSON.stringify(one), one])).values(),
];

/** What was not proved to work. */
const openAt = (point: Point): readonly Text[] =>
  checksOf(point).flatMap(({ id, name }): readonly Text[] => {
    const answer = point.checks[id];
    if (!answer || answer.data.result === 'passed') return [];
    const why = point.accepted[answer.entryId]?.data.words ?? answer.data.reason ?? '';
    return [said('notProved', { point: point.name, name, failed: answer.data.result === 'failed', why })];
  });

/** Of all points that something was chosen for; what only was looked at is no matter of the customer’s. */
export function customerSheet(job: Job): CustomerSheet {
  const parts = job.points.map((point) => climbOf(point).forCustomer(point));
  return {
    names: job.points.map(({ name }) => name),
    stands: once(parts.flatMap(({ stands }) => stands)),
    off: job.points.map((point) => ({
      point: point.name,
      byPlug: !point.fed.breaker,
      ways: circuitsOfPoint(job, point).map(({ way, name }) => ({ way: way ?? null, name: name ?? null })),
    })),
    fails: once(parts.flatMap(({ fails }) => fails)),
    yours: [...once(parts.flatMap(({ yours }) => yours)), ...job.points.flatMap(dueForCustomer)],
    mended: job.points.flatMap((point) =>
      troublesTold(point).flatMap(({ repaired }) =>
        repaired ? said('mendedAt', { point: point.name, words: repaired }) : [],
      ),
    ),
    open: job.points.flatMap(openAt),
  };
}
