import type { FigureOf, TroubleCase } from '../faults';
import type { Symptom } from '../kinds/trouble';
import type { CheckId } from '../prove';
import type { Job } from '../job/job';
import type { Assessment } from './doorbell/assessment';
import type { Point } from './point';
import type { CheckAnswer, Trouble } from './pointView';
import type { FaultFacts, RepairsFound, TestFacts } from './trouble';

/** A test as the finder offers it. */
export interface OfferedTest extends TestFacts {
  readonly place: string | null;
  readonly figure: FigureOf;
  readonly words: readonly string[];
}

/** A repair as the finder offers it. */
export interface OfferedRepair extends FaultFacts {
  readonly place: string | null;
}

/** How a fault is looked for at a kind of point. Methods for the same reason as those of a climb. */
export interface PointFinder<P extends Point> {
  /** What can be complained of there. */
  symptoms(point: P): readonly Symptom[];
  /** What a check that failed is a complaint of; null: nothing that a fault finder could find. */
  symptomOf(check: CheckId, answer: CheckAnswer['data']): Symptom | null;
  /**
   * The trouble as data, with all that the job knows.
   * @param found what the firm’s repairs have taught
   */
  caseOf(
    standing: { readonly job: Job; readonly point: P; readonly assessment: Assessment },
    trouble: Trouble,
    found: RepairsFound,
  ): TroubleCase;
  /** Undefined: nothing of that name. */
  test(kind: string): OfferedTest | undefined;
  /** Of two faults at once the first one’s place stands, and both their minutes. */
  repair(kind: string): OfferedRepair | undefined;
}

/** What two faults ask for together: the stricter. */
export function bothRepairs(each: readonly (OfferedRepair | undefined)[]): OfferedRepair | undefined {
  const all = each.flatMap((one) => one ?? []);
  const [first] = all;
  if (!first || all.length < each.length) return undefined;
  return all.reduce((sum, one) =>
    sum === one
      ? sum
      : {
          ...sum,
          minutes: sum.minutes + one.minutes,
          touches: [sum.touches, one.touches].includes('mains')
            ? 'mains'
            : [sum.touches, one.touches].includes('bell')
              ? 'bell'
              : 'nothing',
          needs: [sum.needs, one.needs].includes('dead') ? 'dead' : sum.needs,
        },
  );
}

/** Where one stands: where the last act was done; at the beginning where the device is. */
export function standsAt(
  { acts }: Trouble,
  { test, repair }: Pick<PointFinder<Point>, 'test' | 'repair'>,
  start: string,
): string {
  for (const { data } of acts.toReversed()) {
    const place = 'test' in data ? test(data.test)?.place : repair(data.fault)?.place;
    if (place) return place;
  }
  return start;
}
