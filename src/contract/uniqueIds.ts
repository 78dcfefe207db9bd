import { ProblemError } from './problem';

/** The ids of a list. @throws ProblemError 422 where one stands there twice */
export function uniqueIds(place: string, list: readonly { readonly id: string }[]): ReadonlySet<string> {
  const seen = new Set<string>();
  list.forEach(({ id }, i) => {
    if (seen.has(id))
      throw new ProblemError(422, `${place}[${i}].id: “${id}” stands there twice.`, [
        { path: `${place}[${i}].id`, message: 'stands there twice' },
      ]);
    seen.add(id);
  });
  return seen;
}
