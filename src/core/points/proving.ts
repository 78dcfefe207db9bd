import { said } from '../said';
import type { Job } from '../job/job';
import type { NextMove } from '../kinds/rungs';
import { readNext, type Check } from '../prove';
import type { Mark, PointVerdict, Worry } from './climb';
import { mark } from './marks';
import { move } from './moves';
import type { Point } from './point';
import type { AcceptedFailure, CheckAnswer, PutOff, Wait } from './pointView';
import { circuitsOfPoint } from './supplyOf';

const MINUTE_MS = 60_000;

/** Of the checks of a kind those that are asked there: once it was left, those of then, and whatever was said since. */
export function askedAt({ left, checks, putOff, waits }: Point, all: readonly Check[]): readonly Check[] {
  const asked = left?.data.asked;
  return asked ? all.filter(({ id }) => asked.includes(id) || id in checks || id in putOff || id in waits) : all;
}

/** A check that failed: what was measured or seen outranks whatever was worked out. */
export interface Failure {
  readonly check: Check;
  readonly answer: CheckAnswer;
  /** Who lets it stand, and why; null: it is to be put right. */
  readonly accepted: AcceptedFailure | null;
}

export const failuresAmong = (point: Point, checks: readonly Check[]): readonly Failure[] =>
  checks.flatMap((check) => {
    const answer = point.checks[check.id];
    return answer?.data.result === 'failed'
      ? [{ check, answer, accepted: point.accepted[answer.entryId] ?? null }]
      : [];
  });

const toPutRight = (failures: readonly Failure[]): Failure | undefined => failures.find(({ accepted }) => !accepted);

/** What failed, until it is put right or somebody lets it stand in words. */
export const failedWorries = (failures: readonly Failure[]): readonly Worry[] =>
  failures
    .filter(({ accepted }) => !accepted)
    .map(({ check, answer }) => ({
      id: `failed-${check.id}`,
      rung: 'prove',
      words: said('failed', {
        name: check.name,
        reason: answer.data.reason ?? '',
        next: readNext(check, answer.data),
      }),
    }));

/** A failure in a word, for a list of many; null where nothing failed. */
export function failedVerdict(failures: readonly Failure[]): PointVerdict | null {
  const failure = toPutRight(failures) ?? failures[0];
  if (!failure) return null;
  const { check, accepted } = failure;
  return {
    word: 'failed',
    words: accepted ? said('failedLetStand', { name: check.name }) : said('failedWhenProved', { name: check.name }),
  };
}

/** A check that was put off, until it is answered. */
export interface PutOffCheck {
  readonly check: Check;
  readonly putOff: PutOff;
}

export const putOffAmong = (point: Point, checks: readonly Check[]): readonly PutOffCheck[] =>
  checks.flatMap((check) => {
    const putOff = point.putOff[check.id];
    return putOff && !point.checks[check.id] ? [{ check, putOff }] : [];
  });

/** What was put off stays open, also after the point was left. */
export const putOffWorries = (point: Point, checks: readonly Check[]): readonly Worry[] =>
  putOffAmong(point, checks).map(({ check, putOff: { data } }) => ({
    id: `putOff-${check.id}`,
    rung: 'prove',
    words: said('putOffStaysOpen', { name: check.name, day: data.on, by: data.by }),
    ...(data.by === 'customer' ? { whose: 'customer' as const } : {}),
  }));

/** A circuit that feeds a point and was not switched on again. */
const stillOff = (job: Job, point: Point) => circuitsOfPoint(job, point).find(({ state }) => state.state !== 'live');

/** Prove, by the answers to its checks: all of them, and its circuit on. */
export function proveMark(job: Job, point: Point, all: readonly Check[]): Mark {
  const checks = askedAt(point, all);
  const off = putOffAmong(point, checks);
  const given = checks.filter(({ id }) => point.checks[id]).length + off.length;
  const failures = failuresAmong(point, checks);
  const failed = failures.filter(({ accepted }) => !accepted).length;
  if (failed > 0) return mark('held', said('heldFailed', { failed }));
  if (given === checks.length)
    return stillOff(job, point)
      ? mark('inHand', said('circuitStillOff'))
      : mark(
          'done',
          failures.length > 0
            ? said('checksLetStand', { failed: failures.length })
            : off[0]
              ? said('putOffTo', { name: off[0].check.name, day: off[0].putOff.data.on })
              : said('checksGiven', { given }),
        );
  return mark(
    given > 0 || Object.keys(point.waits).length > 0 ? 'inHand' : 'open',
    given > 0 ? said('checksOfAll', { given, checksCount: checks.length }) : '',
  );
}

/** What is to be put right; null where nothing failed, or all of it was let stand. */
export function atFailure(point: Point, checks: readonly Check[]): NextMove | null {
  const failure = toPutRight(failuresAmong(point, checks));
  if (!failure) return null;
  const { check, answer } = failure;
  return move(
    'prove',
    said('putRight', { failed: check.name }),
    said('reasonThenRead', { reason: answer.data.reason ?? '', next: readNext(check, answer.data) }),
    true,
  );
}

/** Whether what is waited for is over by somebody’s clock; nobody’s clock says nothing. */
const isOver = ({ at, minutes }: Wait, now: number): boolean => now >= Date.parse(at) + minutes * MINUTE_MS;

/**
 * The next thing of Prove: power on, what failed, then check by check; null once all is answered.
 * @param now ms since 1970; 0 for a list, where nobody looks at a clock
 */
export function atProve(job: Job, point: Point, checks: readonly Check[], now: number): NextMove | null {
  const off = stillOff(job, point);
  if (off)
    return move(
      'prove',
      said('switchOn', { way: off.way ?? off.name ?? said('theCircuit') }),
      said('coversClosedNobody'),
    );
  const failure = atFailure(point, checks);
  if (failure) return failure;
  const open = checks.find(({ id }) => !point.checks[id] && !point.putOff[id]);
  if (!open) return null;
  const wait = open.answer.kind === 'wait' ? point.waits[open.id] : undefined;
  if (wait && !isOver(wait, now)) return move('prove', said('waitFirstCharge'), said('doAnotherPoint'), true);
  return move('prove', open.name, open.how);
}
