import { array, boolean, number, object, string } from 'yup';
import { nextTest, type DoneAct, type NextTest } from '@/core/faults';
import { exact } from './exact';
import { SCHEMA_FAULT } from './parse';
import { ProblemError } from './problem';
import { uniqueIds } from './uniqueIds';

const MOST = { faults: 40, tests: 40, outcomes: 8, walks: 60, done: 80 } as const;
/** Chances of a row add to 1 within this. */
const ADDS_WITHIN = 1e-6;
const id = () => string().min(1).max(64).defined();
const place = () => string().min(1).max(64).nullable().defined();
const minutes = () => number().min(0).defined();

/** A row of chances for each fault. */
const rows = () =>
  object()
    .defined()
    .test(SCHEMA_FAULT, 'has lists of figures only', (value) =>
      Object.values(value as Readonly<Record<string, unknown>>).every(
        (row) => Array.isArray(row) && row.every((chance) => typeof chance === 'number'),
      ),
    );

/** Request of POST /api/v1/compute/next-test. */
export const nextTestRequest = exact({
  faults: array(exact({ id: id(), probability: number().min(0).defined(), place: place(), repairMinutes: minutes() }))
    .min(1)
    .max(MOST.faults)
    .defined(),
  tests: array(
    exact({
      id: id(),
      place: place(),
      minutes: minutes(),
      outcomes: array(id()).min(2).max(MOST.outcomes).defined(),
      likelihood: rows(),
    }),
  )
    .max(MOST.tests)
    .defined(),
  walks: array(exact({ from: id(), to: id(), minutes: minutes() }))
    .max(MOST.walks)
    .defined(),
  at: string().min(1).max(64).nullable().defined(),
  done: array(
    exact({ test: string(), outcome: string(), repair: string(), fixed: boolean() }).test(
      SCHEMA_FAULT,
      'is a test with its outcome, or a repair and whether it fixed it',
      ({ test, outcome, repair, fixed }) =>
        repair === undefined
          ? test !== undefined && outcome !== undefined && fixed === undefined
          : fixed !== undefined && test === undefined && outcome === undefined,
    ),
  )
    .max(MOST.done)
    .defined(),
});
export type NextTestRequest = ReturnType<typeof nextTestRequest.validateSync>;

const refuse = (path: string, message: string): never => {
  throw new ProblemError(422, `${path} ${message}.`, [{ path, message }]);
};

type Rows = Readonly<Record<string, readonly number[]>>;

function checkRows(path: string, likelihood: Rows, faults: ReadonlySet<string>, outcomes: number): void {
  for (const of of Object.keys(likelihood)) if (!faults.has(of)) refuse(`${path}.${of}`, 'is a row of no fault');
  for (const fault of faults) {
    const row = Object.hasOwn(likelihood, fault) ? likelihood[fault] : undefined;
    if (!row) return refuse(`${path}.${fault}`, 'is missing');
    if (row.length !== outcomes) refuse(`${path}.${fault}`, `has ${row.length} chances for ${outcomes} outcomes`);
    if (row.some((chance) => chance < 0)) refuse(`${path}.${fault}`, 'has a negative chance');
    if (Math.abs(row.reduce((sum, chance) => sum + chance, 0) - 1) > ADDS_WITHIN)
      refuse(`${path}.${fault}`, 'does not add to 1');
  }
}

/** What was done, held against what there is. */
function doneOf({ done, tests }: NextTestRequest, faults: ReadonlySet<string>): readonly DoneAct[] {
  const outcomesOf = new Map(tests.map(({ id: test, outcomes }) => [test, outcomes]));
  const taken = new Set<string>();
  return done.map(({ test, outcome, repair, fixed }, i): DoneAct => {
    const path = `done[${i}]`;
    if (i > 0 && done[i - 1]?.fixed === true) refuse(path, 'goes on after it was fixed');
    if (repair !== undefined) {
      if (!faults.has(repair)) refuse(`${path}.repair`, 'is not the id of a fault');
      return { repair, fixed: fixed ?? false };
    }
    const outcomes = outcomesOf.get(test ?? '');
    if (!outcomes) refuse(`${path}.test`, 'is not the id of a test');
    if (taken.has(test ?? '')) refuse(`${path}.test`, 'was done before');
    if (!outcomes?.includes(outcome ?? '')) refuse(`${path}.outcome`, 'is no outcome of this test');
    taken.add(test ?? '');
    return { test: test ?? '', outcome: outcome ?? '' };
  });
}

/** Answers a parsed request. @throws ProblemError 422 where it contradicts itself, or nothing explains what was done */
export function answerNextTest(asked: NextTestRequest): NextTest {
  const { faults, walks, at } = asked;
  const known = uniqueIds('faults', faults);
  uniqueIds('tests', asked.tests);
  if (faults.every(({ probability }) => probability === 0)) refuse('faults', 'have no probability');
  if (!Number.isFinite(faults.reduce((sum, { probability }) => sum + probability, 0)))
    refuse('faults', 'have probabilities that are too large');
  const tests = asked.tests.map((test, i) => {
    const path = `tests[${i}]`;
    if (new Set(test.outcomes).size < test.outcomes.length) refuse(`${path}.outcomes`, 'has one twice');
    const likelihood = test.likelihood as Rows;
    checkRows(`${path}.likelihood`, likelihood, known, test.outcomes.length);
    return { ...test, likelihood };
  });
  const answer = nextTest({ faults, tests, walks, at, done: doneOf(asked, known) });
  if (!answer) return refuse('done', 'is explained by no fault');
  if (!Number.isFinite(answer.expectedMinutes)) return refuse('faults', 'take minutes that are too large');
  return answer;
}
