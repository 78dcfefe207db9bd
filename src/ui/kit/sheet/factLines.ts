import { sayIn } from '@/words';
import { factText, inTerms } from '@/core/facts';
import { placeOf, type Job } from '@/core/job';
import { factOf, type FactField, type FactKind, type Facts } from '@/core/kinds';

/** Facts as lines of a sheet, each by its name and as the place says it; what was not said has no line. */
export function factLines<K extends FactKind>(
  job: Job,
  kind: K,
  said: Partial<Facts<K>>,
  fields: readonly FactField<K>[],
): readonly (readonly [string, string])[] {
  const place = placeOf(job);
  const say = sayIn(place);
  const values: Readonly<Record<string, unknown>> = said;
  return fields.flatMap((field) => {
    const described = factOf(kind, field);
    const value = values[field];
    if (!described || value === undefined) return [];
    return [[say(inTerms(described.words, place.region)), say(factText(described, value, place.region))] as const];
  });
}
