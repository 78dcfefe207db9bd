import { array, number, string } from 'yup';
import { searchOrder, type SearchOrder } from '@/core/search';
import { exact } from './exact';
import { ProblemError } from './problem';
import { uniqueIds } from './uniqueIds';

/** Request of POST /api/v1/compute/search-order. */
export const searchOrderRequest = exact({
  places: array(
    exact({
      id: string().min(1).max(64).defined(),
      probability: number().min(0).defined(),
      minutes: number().min(0).defined(),
    }),
  )
    .min(1)
    .max(1000)
    .defined(),
});
export type SearchOrderRequest = ReturnType<typeof searchOrderRequest.validateSync>;

/** Answers a parsed request. @throws ProblemError 422 where ids repeat, nothing has any probability, or minutes overflow */
export function answerSearchOrder({ places }: SearchOrderRequest): SearchOrder {
  uniqueIds('places', places);
  const found = searchOrder(places);
  if (!found)
    throw new ProblemError(422, 'No place has any probability.', [
      { path: 'places', message: 'sum of probabilities is 0' },
    ]);
  if (!Number.isFinite(found.expectedMinutes))
    throw new ProblemError(422, 'The minutes leave what can be worked with.', [
      { path: 'places', message: 'minutes are too large' },
    ]);
  return found;
}
