import { array, boolean, number, string } from 'yup';
import { breakerHunt, type BreakerHunt } from '@/core/isolation';
import { exact } from './exact';
import { ProblemError } from './problem';
import { uniqueIds } from './uniqueIds';

const MOST_WAYS = 1000;
const MOST_ANSWERS = 1000;
const id = () => string().min(1).max(64).defined();

/** Request of POST /api/v1/compute/breaker-hunt. */
export const breakerHuntRequest = exact({
  ways: array(exact({ id: id(), probability: number().min(0).defined(), doNotDrop: boolean() }))
    .min(1)
    .max(MOST_WAYS)
    .defined(),
  answered: array(exact({ dropped: array(id()).max(MOST_WAYS).defined(), died: boolean().defined() }))
    .max(MOST_ANSWERS)
    .optional(),
});
export type BreakerHuntRequest = ReturnType<typeof breakerHuntRequest.validateSync>;

/**
 * Answers a parsed request.
 * @throws ProblemError 422 where ids repeat or are not known, where nothing has any probability, or the answers
 *   contradict one another
 */
export function answerBreakerHunt({ ways, answered = [] }: BreakerHuntRequest): BreakerHunt {
  const known = uniqueIds('ways', ways);
  answered.forEach(({ dropped }, i) =>
    dropped.forEach((way, j) => {
      if (!known.has(way))
        throw new ProblemError(422, `answered[${i}]: there is no way “${way}”.`, [
          { path: `answered[${i}].dropped[${j}]`, message: 'is not the id of a way' },
        ]);
    }),
  );
  if (ways.every(({ probability }) => probability === 0))
    throw new ProblemError(422, 'No way has any probability.', [
      { path: 'ways', message: 'sum of probabilities is 0' },
    ]);
  const hunt = breakerHunt(
    ways.map((way) => ({ ...way, doNotDrop: way.doNotDrop ?? false })),
    answered,
  );
  if (!hunt)
    throw new ProblemError(422, 'The answers contradict one another: no way is left.', [
      { path: 'answered', message: 'leave no way' },
    ]);
  return hunt;
}
