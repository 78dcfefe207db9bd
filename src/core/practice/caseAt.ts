import {
  isDoorTest,
  isDoorTrouble,
  isFixtureTest,
  isFixtureTrouble,
  type Done,
  type DoorCase,
  type TroubleCase,
} from '../faults';
import { DOOR_TEST_FACTS, walksInStates } from '../points';
import { benchKindOf } from './kinds';
import type { BenchPlace } from './wiring';

interface At {
  readonly place: BenchPlace;
  readonly isDead: boolean;
  readonly done: readonly Done[];
  /** A test that is to be spoken of, though it may not be one that is offered. */
  readonly spoken?: string | null;
}

/** What was read counts, whether the finder would have asked for it or not. */
function withTaken(known: DoorCase, taken: readonly string[]): DoorCase {
  const more = [...new Set(taken)].filter(isDoorTest).filter((kind) => known.tests.every((one) => one.kind !== kind));
  return {
    ...known,
    tests: [...known.tests, ...more.map((kind) => ({ kind, minutes: DOOR_TEST_FACTS[kind].minutes }))],
  };
}

/** What was done, as far as a kind of case knows it. */
const doneAs = <F extends string, K extends string>(
  done: readonly Done[],
  isFault: (kind: string) => kind is F,
  isTest: (kind: string) => kind is K,
): readonly Done<F, K>[] =>
  done.flatMap((one): readonly Done<F, K>[] => {
    if ('test' in one) return isTest(one.test) ? [{ ...one, test: one.test }] : [];
    return isFault(one.repair) ? [{ ...one, repair: one.repair }] : [];
  });

/** A case after more was done. */
export const withDone = (asked: TroubleCase, done: readonly Done[]): TroubleCase =>
  asked.of === 'door'
    ? { ...asked, done: doneAs(done, isDoorTrouble, isDoorTest) }
    : { ...asked, done: doneAs(done, isFixtureTrouble, isFixtureTest) };

/** A case as it is asked from where somebody stands, after what was done. */
export function caseAt(known: TroubleCase, { place, isDead, done, spoken = null }: At): TroubleCase {
  const taken = [...done.flatMap((one) => ('test' in one ? [one.test] : [])), ...(spoken ? [spoken] : [])];
  const asked = known.of === 'door' ? withTaken(known, taken) : known;
  const kind = benchKindOf(asked);
  const acts = [
    ...asked.faults.flatMap((one) => one.kind.split('+').map((fault) => ({ kind: fault, ...kind.repair(fault) }))),
    ...asked.tests.map((one) => ({ kind: one.kind, ...kind.test(one.kind) })),
  ].flatMap(({ kind: name, needs, place: where }) => (needs ? [{ kind: name, needs, place: where ?? null }] : []));
  const walks = walksInStates(kind.walks, place, { isDead, callsLicensed: false }, acts);
  return withDone({ ...asked, ...walks }, done);
}
