import { minutesBetween, placeIn, type AnswerAhead, type Finding, type NextAct, type TroubleCase } from '../faults';
import type { PointFinder } from './pointFinder';

type Act = NonNullable<NextAct>;

/** One act of the way to the repair: where, and how long with the way to it from the act before. */
export interface WalkStep {
  readonly act: Act;
  /** Null: wherever one stands. */
  readonly place: string | null;
  readonly minutes: number;
}

/** The way to the repair as the plan has it: the act at hand, and what comes after each of its answers. */
export interface WalkAhead {
  readonly now: WalkStep;
  readonly then: readonly { readonly answer: AnswerAhead; readonly step: WalkStep }[];
}

type Finder = Pick<PointFinder<never>, 'test' | 'repair'>;

/** @param spoken a test that is looked at in place of the next act  @returns null where nothing is to be done */
export function walkAhead(
  asked: Pick<TroubleCase, 'tests' | 'faults' | 'walks' | 'places' | 'at'>,
  finding: Pick<Finding, 'next' | 'answers' | 'test'>,
  finder: Finder,
): WalkAhead | null {
  const first: NextAct = finding.test === null ? finding.next : { test: finding.test };
  if (!first) return null;
  const repairMinutes = (fault: string): number =>
    fault.split('+').reduce((sum, one) => sum + (asked.faults.find(({ kind }) => kind === one)?.repairMinutes ?? 0), 0);
  /** From a place as the plan has it, live or dead. */
  const stepFrom = (at: string | null, act: Act): WalkStep & { readonly at: string | null } => {
    const kind = 'test' in act ? act.test : act.repair;
    const place = ('test' in act ? finder.test(kind) : finder.repair(kind))?.place ?? null;
    const to = placeIn(asked, kind, place) ?? at;
    const spent = 'test' in act ? (asked.tests.find((one) => one.kind === kind)?.minutes ?? 0) : repairMinutes(kind);
    return {
      act,
      place,
      minutes: spent + (at !== null && to !== null ? minutesBetween(asked.walks, at, to) : 0),
      at: to,
    };
  };
  const { at, ...now } = stepFrom(asked.at, first);
  return {
    now,
    then: finding.answers.flatMap((answer) => {
      if (!answer.next) return [];
      const { at: _there, ...step } = stepFrom(at, answer.next);
      return [{ answer, step }];
    }),
  };
}
